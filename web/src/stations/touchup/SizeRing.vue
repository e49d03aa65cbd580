<script setup lang="ts">
import { computed } from 'vue'
import type { View } from '../../stage/view'
import type { BrushSettings } from './useBrush'

/** What the brush will touch: the outer ring is its reach, the dashed one its full strength. */
const props = defineProps<{ at: { x: number; y: number }; view: View; brush: BrushSettings }>()
const radius = computed(() => (props.brush.sizePx / 2) * props.view.scale)
const style = computed(() => ({
  transform: `translate(${props.at.x * props.view.scale + props.view.x}px, ${
    props.at.y * props.view.scale + props.view.y
  }px)`,
}))
</script>

<template>
  <svg class="ring" :style="style" width="1" height="1" aria-hidden="true">
    <circle :r="radius + 1" fill="none" stroke="var(--ink)" stroke-width="1.2" />
    <circle :r="radius" fill="none" stroke="#fff" stroke-width="1.2" />
    <circle
      v-if="brush.softness > 0 && radius > 6"
      :r="radius * (1 - brush.softness / 100)"
      fill="none"
      stroke="#fff"
      stroke-dasharray="3 3"
    />
    <circle v-if="radius < 3" r="4" fill="none" stroke="#fff" stroke-opacity="0.8" />
  </svg>
</template>

<style scoped>
.ring {
  position: absolute;
  left: 0;
  top: 0;
  overflow: visible;
  pointer-events: none;
  will-change: transform;
}
</style>
