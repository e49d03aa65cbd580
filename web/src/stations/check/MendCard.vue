<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import { mendWords } from '../../stage/mends'

/** What a finding's place looks like now, and mended; and the two answers to it. */
const props = defineProps<{ picture: Picture; index: number; busy: boolean }>()
const emit = defineEmits<{ take: []; right: [] }>()
const finding = computed(() => props.picture.findings[props.index])
</script>

<template>
  <div v-if="finding" class="mend">
    <template v-if="finding.mend">
      <div class="looks">
        <figure v-for="mended in [false, true]" :key="String(mended)">
          <img :src="addressOf.mendLook(picture, index, mended)" alt="" loading="lazy" />
          <figcaption>{{ mended ? 'mended' : 'now' }}</figcaption>
        </figure>
      </div>
      <p class="small quiet">
        {{ mendWords(finding) }}
        <template v-if="!finding.mend.safe">· look closely, it may be wrong</template>
      </p>
    </template>
    <div class="two">
      <Button
        v-if="finding.mend"
        type="primary"
        size="small"
        :disabled="busy"
        @click="emit('take')"
      >
        Take it <kbd>Y</kbd>
      </Button>
      <Button size="small" :disabled="busy" @click="emit('right')">
        It is right <kbd>F</kbd>
      </Button>
    </div>
  </div>
</template>

<style scoped>
.mend {
  padding: 0 6px 8px 35px;
  background: var(--teal-wash);
}

.looks,
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}

figure {
  position: relative;
  margin: 2px 0 6px;
  height: 84px;
  border-radius: 4px;
  overflow: hidden;
  background: #8e8e8c;
}

img {
  width: 100%;
  height: 100%;
  object-fit: contain;
}

figcaption {
  position: absolute;
  left: 0;
  bottom: 0;
  padding: 0 6px;
  font-size: 11px;
  line-height: 16px;
  color: #fff;
  background: #1b2333d9;
  border-radius: 0 4px 0 0;
}

p {
  margin: 0 0 6px;
}
</style>
