<script setup lang="ts">
import { computed } from 'vue'
import type { Area, Edit } from '../../api/types'
import type { View } from '../../stage/view'
import HintMarks from './HintMarks.vue'
import type { Point } from './tools/hand'
import { cornersOf, handlesOf } from './tools/shapes'
import type { Trail } from './tools/useStroke'
import type { Thing } from './tools/useThing'

/** Everything that is drawn over a stage: what a tool will touch, and what it is about to do. */
const props = defineProps<{
  view: View
  trails: Trail[]
  /** What a hint would change. */
  thing: Thing | null
  hints: Edit[]
  chosenHint: string | null
  draggedHint: Point | null
  area: Area | null
  editable: boolean
  drawing: Point[] | null
  lead: Point[]
  boxes: [Point, Point][]
  line: Point[]
  lineWidths: [number, number]
  picked: (Point & { tolerance: number }) | null
}>()

const onStage = (p: Point) =>
  `${(p.x * props.view.scale + props.view.x).toFixed(1)},${(p.y * props.view.scale + props.view.y).toFixed(1)}`
const path = (points: Point[]) => points.map(onStage).join(' ')
const TRAIL_COLOURS = {
  erase: '#3b3f8f',
  restore: '#0e5a60',
  strand: '#0e5a60',
  subject: '#0e5a60',
  backdrop: '#3b3f8f',
  mixed: '#c98a1b',
}
const drawnTrails = computed(() =>
  props.trails.map((t) => {
    const points: Point[] = []
    for (let k = 0; k + 1 < t.points.length; k += 2) {
      points.push({ x: t.points[k] ?? 0, y: t.points[k + 1] ?? 0 })
    }
    const [only] = points
    if (points.length === 1 && only) points.push({ x: only.x + 0.01, y: only.y })
    return {
      key: t.key,
      points: path(points),
      width: Math.max(2, t.sizePx * props.view.scale),
      colour: TRAIL_COLOURS[t.kind],
    }
  }),
)
/** Holes are left out by the even-odd rule. */
const thingPath = computed(() =>
  (props.thing?.area.parts ?? [])
    .map(({ points }) => {
      const corners: string[] = []
      for (let k = 0; k + 1 < points.length; k += 2) {
        corners.push(onStage({ x: points[k] ?? 0, y: points[k + 1] ?? 0 }))
      }
      return `M${corners.join('L')}Z`
    })
    .join(''),
)
const outlines = computed(() =>
  (props.area?.parts ?? []).map((part) => ({
    points: path(cornersOf(part)),
    subtract: part.joining === 'subtract',
    handles: props.editable
      ? handlesOf(part)
          .map(onStage)
          .map((p) => p.split(','))
      : [],
  })),
)
const rects = computed(() =>
  props.boxes.map(([a, b]) => {
    const { scale, x, y } = props.view
    return {
      x: Math.min(a.x, b.x) * scale + x,
      y: Math.min(a.y, b.y) * scale + y,
      width: Math.abs(a.x - b.x) * scale,
      height: Math.abs(a.y - b.y) * scale,
    }
  }),
)
</script>

<template>
  <div class="over">
    <svg class="all" aria-hidden="true">
      <defs>
        <pattern id="thing-back" width="9" height="9" patternUnits="userSpaceOnUse">
          <circle cx="4.5" cy="4.5" r="2.3" fill="#1b2333b0" />
          <circle cx="4.5" cy="4.5" r="1.4" fill="#fff" />
        </pattern>
        <pattern
          id="thing-away"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="6" height="6" fill="#3b3f8f59" />
          <rect width="2" height="6" fill="#3b3f8fd9" />
        </pattern>
      </defs>
      <g v-if="thing" data-thing>
        <path :d="thingPath" :fill="`url(#thing-${thing.goes})`" fill-rule="evenodd" />
        <path class="under" :d="thingPath" />
        <path class="dash" :d="thingPath" />
      </g>
      <polyline
        v-for="t in drawnTrails"
        :key="t.key"
        :points="t.points"
        :stroke="t.colour"
        :stroke-width="t.width"
        stroke-opacity="0.4"
        stroke-linecap="round"
        stroke-linejoin="round"
        fill="none"
      />
      <g v-for="(outline, k) in outlines" :key="k">
        <polygon class="under" :points="outline.points" />
        <polygon class="dash" :class="{ subtract: outline.subtract }" :points="outline.points" />
        <rect
          v-for="[x, y] in outline.handles"
          :key="`${x}-${y}`"
          class="handle"
          :x="Number(x) - 4"
          :y="Number(y) - 4"
          width="8"
          height="8"
        />
      </g>
      <template v-if="drawing">
        <polyline class="under" :points="path(drawing)" />
        <polyline class="dash" :points="path(drawing)" />
        <polyline class="lead" :points="path(lead)" />
      </template>
      <g v-for="(r, k) in rects" :key="`b${k}`">
        <rect class="under" v-bind="r" />
        <rect class="dash" v-bind="r" />
      </g>
      <polyline
        v-if="line.length > 1"
        :points="path(line)"
        stroke="#0e5a60"
        :stroke-width="Math.max(1.5, ((lineWidths[0] + lineWidths[1]) / 2) * view.scale)"
        stroke-linecap="round"
        fill="none"
      />
    </svg>
    <HintMarks :hints="hints" :view="view" :chosen="chosenHint" :dragged="draggedHint" />
    <span
      v-if="picked"
      class="picked num"
      :style="{
        left: `${picked.x * view.scale + view.x + 14}px`,
        top: `${picked.y * view.scale + view.y - 26}px`,
      }"
      >within {{ Math.round(picked.tolerance * 100) }}</span
    >
  </div>
</template>

<style scoped>
.over,
.all {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: hidden;
  pointer-events: none;
}

.under,
.dash,
.lead {
  fill: none;
  stroke-width: 1.4;
}

.under {
  stroke: #1b2333;
}

.dash {
  stroke: #fff;
  stroke-dasharray: 6 5;
}

.dash.subtract {
  stroke: #e7c58a;
}

.lead {
  stroke: #fff;
  stroke-width: 1.8;
}

.handle {
  fill: #fff;
  stroke: #1b2333;
}

.picked {
  position: absolute;
  background: #1b2333e0;
  color: #fff;
  font-size: 12px;
  line-height: 20px;
  padding: 0 7px;
  border-radius: 4px;
}
</style>
