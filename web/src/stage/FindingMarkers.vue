<script setup lang="ts">
import { computed } from 'vue'
import type { Finding } from '../api/types'
import { drawnOf, placed } from './markers'
import type { View } from './view'

/**
 * Numbered places over the stage: the worst, or all on demand; the chosen one in front and drawn
 * whole, the others as dashes.
 */
const props = defineProps<{
  findings: Finding[]
  view: View
  chosen: number | null
  all: boolean
  /** The pointer belongs to a tool, which may begin on a number too. */
  toolBelow?: boolean
}>()
const emit = defineEmits<{ choose: [index: number] }>()
const LEAST_PX = 14

function boxOf(finding: Finding) {
  const { scale, x, y } = props.view
  const width = Math.max(LEAST_PX, finding.width * scale)
  const height = Math.max(LEAST_PX, finding.height * scale)
  return {
    x: (finding.x + finding.width / 2) * scale + x - width / 2,
    y: (finding.y + finding.height / 2) * scale + y - height / 2,
    width,
    height,
  }
}

const markers = computed(() => {
  const boxes = drawnOf(props.findings, props.chosen, props.all).flatMap((index) => {
    const finding = props.findings[index]
    return finding ? [{ index, box: boxOf(finding) }] : []
  })
  // The first has the choice of its place, and lies in front.
  return placed(boxes, props.view.stage).reverse()
})
const label = (index: number) => props.findings[index]?.label ?? ''
</script>

<template>
  <div class="markers">
    <svg class="all" aria-hidden="true">
      <g v-for="m in markers" :key="m.index" :class="{ on: m.index === chosen }">
        <rect class="under" v-bind="m.box" rx="3" />
        <rect class="place" v-bind="m.box" rx="3" />
        <template v-if="m.leader">
          <line
            v-for="kind in ['under', 'lead']"
            :key="kind"
            :class="kind"
            :x1="m.leader[0].x"
            :y1="m.leader[0].y"
            :x2="m.leader[1].x"
            :y2="m.leader[1].y"
          />
        </template>
      </g>
    </svg>
    <button
      v-for="m in markers"
      :key="m.index"
      class="number"
      :class="{ below: toolBelow, on: m.index === chosen }"
      :style="{
        left: `${m.label.x}px`,
        top: `${m.label.y}px`,
        width: `${m.label.width}px`,
        height: `${m.label.height}px`,
      }"
      :title="label(m.index)"
      :aria-label="`Finding ${m.index + 1}: ${label(m.index)}`"
      @click="emit('choose', m.index)"
    >
      {{ m.index + 1 }}
    </button>
  </div>
</template>

<style scoped>
.markers,
.all {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: hidden;
  pointer-events: none;
}

.under,
.place,
.lead {
  fill: none;
}

.under {
  stroke: #1b2333a0;
  stroke-width: 3.5;
}

.place {
  stroke: #fff;
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}

.lead {
  stroke: #fff;
  stroke-width: 1.2;
}

.on .under {
  stroke: #1b2333;
  stroke-width: 5;
}

.on .place {
  stroke-width: 2;
  stroke-dasharray: none;
}

.number {
  position: absolute;
  padding: 0;
  border: 0;
  border-radius: 4px;
  background: var(--ink);
  color: #fff;
  font:
    700 11.5px/19px 'Atkinson Hyperlegible Mono',
    monospace;
  text-align: center;
  cursor: pointer;
  pointer-events: auto;
}

.number.below {
  pointer-events: none;
}

.number.on {
  background: #fff;
  color: var(--ink);
  box-shadow: 0 0 0 1.5px var(--ink);
}
</style>
