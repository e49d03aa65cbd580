<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import type { Picture } from '../../api/types'
import MendLooks from '../../stage/MendLooks.vue'
import { mendWords } from '../../stage/mends'

/** What a finding's place looks like now, and mended; and the two answers to it. */
const props = defineProps<{ picture: Picture; index: number; busy: boolean }>()
const emit = defineEmits<{ take: []; right: [] }>()
const finding = computed(() => props.picture.findings[props.index])
</script>

<template>
  <div v-if="finding" class="mend">
    <template v-if="finding.mend">
      <MendLooks :picture="picture" :index="index" />
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

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}

p {
  margin: 0 0 6px;
}
</style>
