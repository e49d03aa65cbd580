<script setup lang="ts">
import { computed } from 'vue'
import type { Picture } from '../../api/types'
import type { Part } from '../../look/look'
import { useDressed } from './useDressed'

/** A small picture under a look that is being changed. */
const props = defineProps<{ picture: Picture; parts: Part[]; width: number; height: number }>()
const LONG_PX = 220
const wanted = computed(() => {
  const scale = LONG_PX / Math.max(props.width, props.height)
  return {
    picture: props.picture,
    parts: props.parts,
    width: Math.max(1, Math.round(props.width * scale)),
    height: Math.max(1, Math.round(props.height * scale)),
  }
})
const { url, isCurrent } = useDressed(wanted)
</script>

<template>
  <span class="live checker" :data-live="isCurrent">
    <img v-if="url" :src="url" :alt="picture.fileName" />
  </span>
</template>

<style scoped>
.live {
  display: grid;
  place-items: center;
  width: 98px;
  height: 74px;
  border: 1px solid var(--line);
  border-radius: 5px;
  overflow: hidden;
}

img {
  width: 100%;
  height: 100%;
  object-fit: contain;
}
</style>
