<script setup lang="ts">
import { computed } from 'vue'
import type { Picture } from '../../api/types'
import type { Part } from '../../look/look'
import { useDressed } from './useDressed'

/** A small picture under a look that is being changed. */
const props = withDefaults(
  defineProps<{
    picture: Picture
    parts: Part[]
    width: number
    height: number
    /** Pixels of its longer side. */
    long?: number
  }>(),
  { long: 220 },
)
const wanted = computed(() => {
  const scale = props.long / Math.max(props.width, props.height)
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
  <span class="live" :data-live="isCurrent">
    <img v-if="url" class="checker" :src="url" :alt="picture.fileName" />
  </span>
</template>

<style scoped>
.live {
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  place-items: center;
  width: 100%;
  height: 100%;
  overflow: hidden;
}

img {
  max-width: 100%;
  max-height: 100%;
  border-radius: 4px;
}
</style>
