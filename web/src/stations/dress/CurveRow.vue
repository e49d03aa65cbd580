<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CurvePoint } from '../../look/look'
import { curvePoints, movedPoint } from './curve'

/** Lightness before across, after upwards: five points that are drawn, or moved by the arrows. */
const curve = defineModel<CurvePoint[]>({ required: true })
const field = ref<SVGSVGElement | null>(null)
const points = computed(() => curvePoints(curve.value))
const line = computed(() => points.value.map((p) => `${p.at},${100 - p.to}`).join(' '))
let drawn = -1

function put(index: number, to: number) {
  curve.value = movedPoint(points.value, index, to)
}

function down(index: number, event: PointerEvent) {
  drawn = index
  ;(event.target as Element).setPointerCapture(event.pointerId)
}

function move(event: PointerEvent) {
  const box = field.value?.getBoundingClientRect()
  if (drawn < 0 || event.buttons !== 1 || !box) return
  put(drawn, 100 - (100 * (event.clientY - box.top)) / box.height)
}
</script>

<template>
  <div class="row">
    <span>Curve</span>
    <svg ref="field" viewBox="0 0 100 100" @pointermove="move">
      <path d="M0 100 100 0M0 50H100M50 0V100" class="grid" />
      <polyline :points="line" class="line" />
      <circle
        v-for="(p, i) in points"
        :key="p.at"
        :cx="p.at"
        :cy="100 - p.to"
        r="4.5"
        role="slider"
        tabindex="0"
        :aria-label="`Lightness ${p.at} becomes`"
        aria-valuemin="0"
        aria-valuemax="100"
        :aria-valuenow="Math.round(p.to)"
        @pointerdown="down(i, $event)"
        @pointerup="drawn = -1"
        @keydown.up.prevent.stop="put(i, p.to + 1)"
        @keydown.down.prevent.stop="put(i, p.to - 1)"
      />
    </svg>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 8px;
  font-size: 13px;
  line-height: 26px;
}

svg {
  width: 128px;
  height: 128px;
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--panel);
  overflow: visible;
  touch-action: none;
}

.grid {
  stroke: var(--line);
  stroke-width: 1;
  fill: none;
  vector-effect: non-scaling-stroke;
}

.line {
  stroke: var(--teal);
  stroke-width: 2;
  fill: none;
  vector-effect: non-scaling-stroke;
}

circle {
  fill: var(--panel);
  stroke: var(--teal);
  stroke-width: 1.6;
  vector-effect: non-scaling-stroke;
  cursor: ns-resize;
}

circle:focus-visible {
  fill: var(--teal);
  outline: none;
}
</style>
