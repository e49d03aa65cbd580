<script setup lang="ts">
import { computed } from 'vue'
import type { Finding } from '../api/types'
import type { View } from './view'
import { isSerious } from './serious'

/** Numbered places over the stage; the chosen one is drawn whole, the others as corners. */
const props = defineProps<{
  findings: Finding[]
  view: View
  chosen: number | null
  /** The pointer belongs to a tool, which may begin on a number too. */
  toolBelow?: boolean
}>()
const emit = defineEmits<{ choose: [index: number] }>()
const LEAST_PX = 14

const places = computed(() =>
  props.findings.flatMap((finding, index) => {
    if (!isSerious(finding) && index !== props.chosen) return []
    const { scale, x, y } = props.view
    const width = Math.max(LEAST_PX, finding.width * scale)
    const height = Math.max(LEAST_PX, finding.height * scale)
    return [
      {
        index,
        finding,
        style: {
          left: `${(finding.x + finding.width / 2) * scale + x - width / 2}px`,
          top: `${(finding.y + finding.height / 2) * scale + y - height / 2}px`,
          width: `${width}px`,
          height: `${height}px`,
        },
      },
    ]
  }),
)
</script>

<template>
  <div class="markers">
    <div
      v-for="{ index, finding, style } in places"
      :key="index"
      class="place"
      :class="{ on: index === chosen }"
      :style="style"
    >
      <button
        class="number"
        :class="{ below: toolBelow }"
        :title="finding.label"
        :aria-label="`Finding ${index + 1}: ${finding.label}`"
        @click="emit('choose', index)"
      >
        {{ index + 1 }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.markers {
  position: absolute;
  inset: 0;
  pointer-events: none;
}

.place {
  position: absolute;
  border: 1.5px dashed #fff;
  border-radius: 3px;
  box-shadow: 0 0 0 1px #1b2333a0;
}

.place.on {
  border-style: solid;
  border-width: 2px;
  box-shadow: 0 0 0 1.5px #1b2333;
}

.number {
  position: absolute;
  left: -2px;
  top: -22px;
  min-width: 19px;
  height: 19px;
  padding: 0 5px;
  border: 0;
  border-radius: 4px;
  background: var(--ink);
  color: #fff;
  font:
    700 11.5px/19px 'Atkinson Hyperlegible Mono',
    monospace;
  cursor: pointer;
  pointer-events: auto;
}

.number.below {
  pointer-events: none;
}

.place.on .number {
  background: #fff;
  color: var(--ink);
}
</style>
