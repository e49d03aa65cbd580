<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Finding } from '../../api/types'
import type { Box } from '../../stage/box'
import FindingMarkers from '../../stage/FindingMarkers.vue'
import PictureStage, { type StagePointer } from '../../stage/PictureStage.vue'
import type { View } from '../../stage/view'
import BenchOverlay from './BenchOverlay.vue'
import BenchRing from './BenchRing.vue'
import type { Point } from './tools/hand'
import type { Table } from './useTable'

/** One look at the picture on the bench; the tool works on it, whatever it shows. */
const props = defineProps<{
  table: Table
  painter: (context: CanvasRenderingContext2D, view: View, changed?: Box) => void
  grab: boolean
  label: string
  findings?: Finding[]
  chosen?: number | null
  allDrawn?: boolean
}>()
const stage = ref<InstanceType<typeof PictureStage> | null>(null)

const hasRing = computed(() => ['brush', 'strand', 'hint'].includes(props.table.tool.value))
const cursor = computed(() =>
  props.grab
    ? 'grab'
    : hasRing.value
      ? 'none'
      : props.table.tool.value === 'edge'
        ? 'default'
        : 'crosshair',
)
const boxes = computed<[Point, Point][]>(() => [
  ...(props.table.boxes.box.value ? [props.table.boxes.box.value] : []),
  ...Object.values(props.table.boxes.looking.value),
])

function move(at: StagePointer) {
  props.table.pointAt({ x: at.x, y: at.y })
  props.table.hand.value.move(at)
}

defineExpose({ redraw: (part?: Box) => stage.value?.redraw(part) })
</script>

<template>
  <PictureStage
    ref="stage"
    :view="table.view"
    :painter="painter"
    :grab="grab"
    :label="label"
    :style="{ cursor }"
    @press="(at) => table.hand.value.press(at)"
    @move="move"
    @release="(at) => table.hand.value.release(at)"
    @leave="table.stroke.leave"
  >
    <BenchOverlay
      :view="table.view"
      :trails="table.stroke.trails.value"
      :thing="table.thing.value"
      :hints="table.tool.value === 'hint' ? table.hints.value : []"
      :chosen-hint="table.hinting.chosen.value"
      :dragged-hint="table.hinting.dragged.value"
      :area="table.area.value"
      :editable="table.tool.value === 'area'"
      :drawing="table.drawn.drawing.value"
      :lead="table.drawn.lead.value"
      :boxes="boxes"
      :line="table.trace.line.value"
      :line-widths="[table.settings.fromPx, table.settings.toPx]"
      :picked="table.pick.at.value"
    />
    <BenchRing v-if="hasRing && !grab" :table="table" />
    <FindingMarkers
      v-if="findings"
      :findings="findings"
      :view="table.view"
      :chosen="chosen ?? null"
      :all="allDrawn ?? false"
      tool-below
    />
    <span class="label">{{ label }}</span>
    <slot />
  </PictureStage>
</template>

<style scoped>
.label {
  position: absolute;
  left: 10px;
  top: 8px;
  background: #1b2333cc;
  color: #fff;
  font-size: 12px;
  line-height: 20px;
  padding: 0 8px;
  border-radius: 4px;
  pointer-events: none;
}
</style>
