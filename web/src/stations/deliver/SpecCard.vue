<script setup lang="ts">
import { computed } from 'vue'
import type { BatchLook, Picture } from '../../api/types'
import DressedPicture from '../../shell/DressedPicture.vue'
import { backdropOf, sizeWords, type Draft } from './specs'

/** A spec as a card, with one picture of the batch as it will come out, in true proportion. */
const props = defineProps<{ spec: Draft; look: BatchLook; picture: Picture | undefined }>()
const emit = defineEmits<{ edit: []; remove: [] }>()
const FRAME = { width: 190, height: 116 }

const shown = computed(() => {
  const scale = Math.min(FRAME.width / props.spec.width, FRAME.height / props.spec.height)
  return {
    width: Math.max(1, Math.round(props.spec.width * scale)),
    height: Math.max(1, Math.round(props.spec.height * scale)),
  }
})
const backdrop = computed(() => backdropOf(props.spec, props.look))
const words = computed(() => {
  const own = props.spec.backdrop === null ? 'the look’s backdrop' : props.spec.backdrop
  return backdrop.value !== (props.spec.backdrop ?? props.look.backdrop) ? 'white' : own
})
</script>

<template>
  <article class="card panel" :data-spec="spec.name">
    <div class="frame">
      <DressedPicture
        v-if="picture"
        :picture="picture"
        :look="look"
        :backdrop="backdrop === look.backdrop ? null : backdrop"
        :margin-percent="spec.marginPercent"
        :width="shown.width * 2"
        :height="shown.height * 2"
        :alt="`${spec.name}, an example`"
        :style="{ width: `${shown.width}px`, height: `${shown.height}px` }"
      />
    </div>
    <b>{{ spec.name }}</b>
    <span class="num quiet">{{ sizeWords(spec) }}<br />{{ words }}</span>
    <div class="acts">
      <button @click="emit('edit')">Change</button>
      <button @click="emit('remove')">Remove</button>
    </div>
  </article>
</template>

<style scoped>
.card {
  padding: 10px;
  display: grid;
  gap: 2px;
}

.frame {
  height: 128px;
  background: var(--paper);
  border-radius: 6px;
  display: grid;
  place-items: center;
  margin-bottom: 6px;
}

img {
  border: 1px solid #cdbf9f;
  background-size: 10px 10px;
}

.num {
  font-size: 12px;
  line-height: 16px;
}

.acts {
  display: flex;
  gap: 14px;
  margin-top: 4px;
}

.acts button {
  border: 0;
  background: none;
  padding: 0;
  font: 600 13px/18px var(--text);
  color: var(--teal);
  cursor: pointer;
}

.acts button:last-child {
  color: var(--quiet);
}
</style>
