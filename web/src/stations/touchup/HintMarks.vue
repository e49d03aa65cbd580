<script setup lang="ts">
import { computed } from 'vue'
import type { Edit } from '../../api/types'
import type { View } from '../../stage/view'

/** Hints stay to be seen: subject = dots, backdrop = crosses, mixed edge = waves. */
const props = defineProps<{
  hints: Edit[]
  view: View
  chosen: string | null
  dragged: { x: number; y: number } | null
}>()

const lines = computed(() =>
  props.hints.map((hint) => {
    const points = hint.edit.points ?? []
    const { scale } = props.view
    const by = hint.clientKey === props.chosen ? props.dragged : null
    const x = props.view.x + (by?.x ?? 0) * scale
    const y = props.view.y + (by?.y ?? 0) * scale
    const on: string[] = []
    for (let k = 0; k + 1 < points.length; k += 2) {
      on.push(`${(points[k] ?? 0) * scale + x},${(points[k + 1] ?? 0) * scale + y}`)
    }
    if (on.length === 1 && on[0]) on.push(on[0])
    return {
      key: hint.clientKey,
      handle: { cx: (points[0] ?? 0) * scale + x, cy: (points[1] ?? 0) * scale + y },
      points: on.join(' '),
      fill: `url(#hint-${hint.edit.mode})`,
      width: Math.max(9, (hint.edit.sizePx ?? 1) * scale),
    }
  }),
)
</script>

<template>
  <svg v-if="lines.length > 0" class="hints" aria-hidden="true">
    <defs>
      <pattern id="hint-subject" width="9" height="9" patternUnits="userSpaceOnUse">
        <circle cx="4.5" cy="4.5" r="2.6" fill="#fff" />
        <circle cx="4.5" cy="4.5" r="1.7" fill="#0e5a60" />
      </pattern>
      <pattern id="hint-backdrop" width="10" height="10" patternUnits="userSpaceOnUse">
        <path d="M2 2l6 6M8 2l-6 6" stroke="#fff" stroke-width="3.4" />
        <path d="M2 2l6 6M8 2l-6 6" stroke="#3b3f8f" stroke-width="1.6" />
      </pattern>
      <pattern id="hint-mixed" width="12" height="8" patternUnits="userSpaceOnUse">
        <path d="M0 4q3-4 6 0t6 0" stroke="#fff" stroke-width="3.4" fill="none" />
        <path d="M0 4q3-4 6 0t6 0" stroke="#8a5a00" stroke-width="1.6" fill="none" />
      </pattern>
    </defs>
    <polyline
      v-for="line in lines"
      :key="line.key"
      :points="line.points"
      :stroke="line.fill"
      :stroke-width="line.width"
      stroke-linecap="round"
      stroke-linejoin="round"
      fill="none"
    />
    <circle
      v-for="line in lines"
      :key="`h${line.key}`"
      v-bind="line.handle"
      class="handle"
      :class="{ on: line.key === chosen }"
      r="5"
    />
  </svg>
</template>

<style scoped>
.hints {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.handle {
  fill: #fff;
  stroke: #1b2333;
  stroke-width: 1.4;
}

.handle.on {
  fill: #1b2333;
  stroke: #fff;
}
</style>
