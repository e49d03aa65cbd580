<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useLocalStorage } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { sentenceOf } from '../../api/client'
import { methodLabel, type Edit, type Picture } from '../../api/types'
import StationFrame from '../../shell/StationFrame.vue'
import { useHeld } from '../../shell/useHeld'
import { useKeys } from '../../shell/useKeys'
import BackdropBar from '../../stage/BackdropBar.vue'
import { BACKDROPS } from '../../stage/backdrops'
import PictureStage from '../../stage/PictureStage.vue'
import type { Box } from '../../stage/box'
import { useView } from '../../stage/view'
import AskedFor from './AskedFor.vue'
import BrushBar from './BrushBar.vue'
import EditsPanel from './EditsPanel.vue'
import { loadMending, type MendingBench } from './loadMending'
import { hatchPainter, originalPainter, resultPainter } from './painters'
import SizeRing from './SizeRing.vue'
import ToolColumn from './ToolColumn.vue'
import { useBrush } from './useBrush'
import { useEdits } from './useEdits'
import { useStroke } from './useStroke'

/** One picture on the bench: photograph with the removed part hatched beside the result. */
const props = defineProps<{ picture: Picture }>()
const view = useView()
view.setPicture(props.picture)
const edits = useEdits(props.picture.id)
const bench = shallowRef<MendingBench | null>(null)
const problem = ref('')
const tool = ref<'erase' | 'restore'>('erase')
const brush = useBrush()
const backdrop = useLocalStorage('touch-up-backdrop', '#8e8e8c')
const sideBySide = useLocalStorage('touch-up-side-by-side', true)
const held = useHeld(' ')
const grab = useHeld('v')
const resultStage = ref<InstanceType<typeof PictureStage> | null>(null)
const hatchStage = ref<InstanceType<typeof PictureStage> | null>(null)

onMounted(async () => {
  try {
    await edits.load()
    if (edits.baseVersionId.value === null) return
    bench.value = await loadMending(props.picture, edits.baseVersionId.value)
    if (edits.active.value.length > 0) rebuild()
    showAsked()
  } catch (error) {
    problem.value = sentenceOf(error)
  }
})

/** The retoucher begins where the checker looked. */
const showAsked = () => props.picture.remark && view.showPart(props.picture.remark)

function redraw(part?: Box) {
  resultStage.value?.redraw(part)
  hatchStage.value?.redraw(part)
}

function rebuild() {
  bench.value?.mending.rebuild(
    edits.active.value.map((e) => ({ key: e.clientKey, stroke: e.brush })),
  )
  redraw()
}

const stroke = useStroke({ bench, brush, tool, edits, redraw })

function undo() {
  const edit = edits.undo()
  if (!edit) return
  const box = edit.enabled ? bench.value?.mending.undo(edit.clientKey) : undefined
  if (box) redraw(box)
  else rebuild()
}

function redo() {
  const edit = edits.redo()
  if (edit?.enabled) redraw(bench.value?.mending.replay(edit.clientKey, edit.brush))
}

function toggle(edit: Edit, enabled: boolean) {
  edits.setEnabled(edit, enabled)
  rebuild()
}

function backToAutomatic() {
  edits.backToAutomatic()
  rebuild()
}

const resultPaint = computed(() => {
  const b = bench.value
  if (!b) return (c: CanvasRenderingContext2D) => c.clearRect(0, 0, c.canvas.width, c.canvas.height)
  return held.value
    ? originalPainter(b.original, props.picture)
    : resultPainter(b.mending.pyramid, props.picture, backdrop.value)
})
const hatchPaint = computed(() => {
  const b = bench.value
  return b ? hatchPainter(b.original, b.mending.pyramid, props.picture) : resultPaint.value
})
const saving = computed(() =>
  edits.trouble.value !== ''
    ? `Not saved yet: ${edits.trouble.value}`
    : edits.waiting.value > 0
      ? 'Saving'
      : 'Saved as you work',
)

function nextBackdrop() {
  const i = BACKDROPS.findIndex((b) => b.css === backdrop.value)
  backdrop.value = (BACKDROPS[(i + 1) % BACKDROPS.length] ?? BACKDROPS[0]).css
}

useKeys({
  e: () => (tool.value = 'erase'),
  r: () => (tool.value = 'restore'),
  f: () => (tool.value = tool.value === 'erase' ? 'restore' : 'erase'),
  '[': () => (brush.sizeStep -= 3),
  ']': () => (brush.sizeStep += 3),
  '{': () => (brush.softness -= 10),
  '}': () => (brush.softness += 10),
  w: () => (sideBySide.value = !sideBySide.value),
  b: nextBackdrop,
  z: () => view.toggleFit(),
  'Ctrl+z': undo,
  'Ctrl+Shift+z': redo,
  'Ctrl+y': redo,
  'Ctrl+s': () => undefined,
})

defineExpose({ saved: edits.saved })
</script>

<template>
  <StationFrame>
    <div class="bench">
      <ToolColumn v-model:tool="tool" />
      <section class="work">
        <div class="bar">
          <BrushBar v-model:brush="brush" :tool="tool" />
          <span class="gap" />
          <BackdropBar v-model:backdrop="backdrop" />
        </div>
        <div class="stages" :class="{ two: sideBySide }">
          <PictureStage
            v-if="sideBySide"
            ref="hatchStage"
            :view="view"
            :painter="hatchPaint"
            :grab="grab"
            label="Photograph, removed part hatched"
            :style="{ cursor: grab ? 'grab' : 'none' }"
            @press="stroke.press"
            @move="stroke.move"
            @release="stroke.release"
            @leave="stroke.leave"
          >
            <span class="label">Photograph, removed part hatched</span>
            <SizeRing
              v-if="stroke.at.value && !grab"
              :at="stroke.at.value"
              :view="view"
              :brush="brush"
            />
          </PictureStage>
          <PictureStage
            ref="resultStage"
            :view="view"
            :painter="resultPaint"
            :grab="grab"
            label="Result"
            data-stage="result"
            :data-ready="bench !== null"
            :style="{ cursor: grab ? 'grab' : 'none' }"
            @press="stroke.press"
            @move="stroke.move"
            @release="stroke.release"
            @leave="stroke.leave"
          >
            <span class="label">{{
              problem ||
              (bench ? (held ? 'Original' : 'Result') : 'Laying the picture on the bench')
            }}</span>
            <SizeRing
              v-if="stroke.at.value && !grab"
              :at="stroke.at.value"
              :view="view"
              :brush="brush"
            />
          </PictureStage>
        </div>
      </section>
    </div>
    <template #film><slot name="film" /></template>
    <template #ticket>
      <AskedFor :picture="picture" @show="showAsked" />
      <div class="name">{{ picture.fileName }}</div>
      <EditsPanel
        :edits="edits.made.value"
        :method="methodLabel(picture.method)"
        :confidence="picture.confidence"
        @toggle="toggle"
      />
    </template>
    <template #acts>
      <div class="saved small" :class="{ trouble: edits.trouble.value !== '' }" aria-live="polite">
        <span data-saving>{{ saving }}</span>
        <span>Undo <kbd>Ctrl Z</kbd></span>
      </div>
      <slot name="done" />
      <Button :disabled="edits.made.value.length === 0" @click="backToAutomatic">
        Back to automatic
      </Button>
    </template>
  </StationFrame>
</template>

<style scoped>
.bench {
  height: 100%;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
}

.work {
  display: grid;
  grid-template-rows: 44px minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
}

.bar {
  display: flex;
  align-items: center;
  padding: 0 14px;
  border-bottom: 1px solid var(--line);
  font-size: 13px;
}

.gap {
  flex: 1;
}

.stages {
  display: grid;
  gap: 2px;
  min-height: 0;
}

.stages.two {
  grid-template-columns: 1fr 1fr;
}

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

.name {
  font-weight: 700;
  font-size: 15px;
  overflow-wrap: anywhere;
}

.saved {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  color: var(--quiet);
}

.saved.trouble {
  color: var(--brick);
}
</style>
