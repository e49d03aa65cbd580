<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Picture } from '../../api/types'
import BackdropBar from '../../stage/BackdropBar.vue'
import { BACKDROPS, backdropOf, fillFor, TELL_TALE } from '../../stage/backdrops'
import PictureStage, { type StagePointer } from '../../stage/PictureStage.vue'
import { useView, type View } from '../../stage/view'
import { useHeld } from '../../shell/useHeld'
import { useKeys } from '../../shell/useKeys'
import FindingMarkers from '../../stage/FindingMarkers.vue'
import { isSerious } from '../../stage/serious'
import { mendWords, paintMends, pathOf, type ShownMend } from '../../stage/mends'
import { drawnOf } from '../../stage/markers'
import { drawStandIn } from '../../stage/standIn'
import { bitmapSource, type LoupeSource } from '../../stage/loupe'
import LoupeStrip from '../../stage/LoupeStrip.vue'
import { useStagePictures } from './useStagePictures'

/** The picture, its suspected faults, and the loupe under it. */
const props = defineProps<{
  picture: Picture
  look: string | null
  /** What would mend the findings, the worst first. */
  mends: ShownMend[]
  /** Place of the finding whose mend a key would take. */
  next: number | null
}>()
const backdrop = defineModel<string>('backdrop', { required: true })
/** Index of the finding that is looked at. */
const chosen = defineModel<number | null>('chosen', { required: true })
/** All findings are drawn, or the worst. */
const allDrawn = defineModel<boolean>('allDrawn', { required: true })
const emit = defineEmits<{ painted: [] }>()

const CLICK_PX = 4
const view = useView()
const { cutout, original, standIn, problem } = useStagePictures(() => props.picture, view)
const held = useHeld(' ')
/** Held: the cutout as it is, without what mends would do. */
const plain = useHeld('v')
const wipe = ref(false)
/** Share of the stage's picture that shows the original, from the left. */
const wipeAt = ref(0.5)
const loupeZoom = useLocalStorage('check-loupe', 3)
const pointed = ref<{ x: number; y: number } | null>(null)
const pinned = ref(false)
let pressedAt: { x: number; y: number } | null = null

const source = computed<LoupeSource | null>(() =>
  cutout.value && original.value
    ? bitmapSource({ cutout: cutout.value, original: original.value }, props.picture)
    : null,
)
const onStage = computed(() => backdropOf(backdrop.value, props.picture.tellTale))

/** Only of findings that are drawn, so that a stage is never full of them. */
const shownMends = computed(() => {
  const drawn = new Set(drawnOf(props.picture.findings, chosen.value, allDrawn.value))
  return props.mends
    .filter((mend) => drawn.has(mend.finding))
    .map((mend) => ({ mend, path: pathOf(mend.area) }))
})
const nextWords = computed(() => {
  const finding = props.next === null ? undefined : props.picture.findings[props.next]
  return finding ? mendWords(finding) : ''
})

const painter = computed(() => {
  const front = held.value ? null : cutout.value
  const back = original.value
  const small = standIn.value
  const on = held.value ? '#8e8e8c' : onStage.value
  const share = wipe.value ? wipeAt.value : 0
  const mends = held.value || plain.value ? [] : shownMends.value
  const { next } = props
  const { width, height } = props.picture
  return (context: CanvasRenderingContext2D, v: View) => {
    context.fillStyle = fillFor(context, on)
    context.fillRect(0, 0, context.canvas.width, context.canvas.height)
    context.imageSmoothingEnabled = v.scale < 4
    context.imageSmoothingQuality = 'high'
    const shown = front ?? back
    if (shown) context.drawImage(shown, v.x, v.y, width * v.scale, height * v.scale)
    else drawStandIn(context, v, { width, height }, small)
    if (front && back && share > 0) {
      const at = share * width * v.scale
      context.save()
      context.beginPath()
      context.rect(v.x, v.y, at, height * v.scale)
      context.clip()
      context.drawImage(back, v.x, v.y, width * v.scale, height * v.scale)
      context.restore()
      context.fillStyle = '#fff'
      context.fillRect(v.x + at - 1, v.y, 2, height * v.scale)
    }
    if (front) paintMends(context, v, mends, next, back, { width, height })
    if (front) emit('painted')
  }
})

watch(
  () => props.picture.id,
  () => {
    pinned.value = false
    pointed.value = null
  },
)
watch(chosen, (index) => {
  const finding = index === null ? undefined : props.picture.findings[index]
  if (!finding) return
  view.showPart(finding)
  pointed.value = { x: finding.x + finding.width / 2, y: finding.y + finding.height / 2 }
})
/** Until somebody points: the worst finding, or the middle. */
const loupeAt = computed(() => {
  const { findings, width, height } = props.picture
  const part = findings[0] ?? { x: 0, y: 0, width, height }
  return pointed.value ?? { x: part.x + part.width / 2, y: part.y + part.height / 2 }
})

function moved(at: StagePointer) {
  if (wipe.value && at.event.shiftKey) {
    wipeAt.value = Math.max(0, Math.min(1, at.x / props.picture.width))
  }
  if (!pinned.value) pointed.value = { x: at.x, y: at.y }
}

function pressed(event: PointerEvent) {
  pressedAt = { x: event.clientX, y: event.clientY }
}

/** A drag moves the picture; a click pins the loupe. */
function clicked(event: MouseEvent) {
  if (!pressedAt || !(event.target instanceof HTMLCanvasElement)) return
  const far = Math.hypot(event.clientX - pressedAt.x, event.clientY - pressedAt.y)
  if (far < CLICK_PX) pinned.value = !pinned.value
}

function walk(step: number) {
  const serious = props.picture.findings.flatMap((f, i) => (isSerious(f) ? [i] : []))
  if (serious.length === 0) return
  const at = chosen.value === null ? -1 : serious.indexOf(chosen.value)
  const next = at < 0 ? (step > 0 ? 0 : serious.length - 1) : at + step
  chosen.value = serious[(next + serious.length) % serious.length] ?? null
  pinned.value = false
}

function nextBackdrop() {
  const all: string[] = BACKDROPS.map((b) => b.css)
  if (props.look) all.push(props.look)
  backdrop.value = all[(all.indexOf(backdrop.value) + 1) % all.length] ?? BACKDROPS[0].css
}

useKeys({
  b: nextBackdrop,
  'Shift+b': () => (backdrop.value = backdrop.value === TELL_TALE ? '#8e8e8c' : TELL_TALE),
  z: () => {
    chosen.value = null
    view.toggleFit()
  },
  n: () => walk(1),
  'Shift+n': () => walk(-1),
  'Shift+a': () => (allDrawn.value = !allDrawn.value),
  w: () => (wipe.value = !wipe.value),
  '-': () => (wipeAt.value = Math.max(0, wipeAt.value - 0.05)),
  '=': () => (wipeAt.value = Math.min(1, wipeAt.value + 0.05)),
})
const percent = computed(() => Math.round(view.scale * window.devicePixelRatio * 100))
</script>

<template>
  <div class="check-stage">
    <div class="bar">
      <BackdropBar v-model:backdrop="backdrop" :tell-tale="picture.tellTale" :look="look" />
      <span class="gap" />
      <template v-if="mends.length">
        <span class="quiet">Without mends</span><kbd>hold V</kbd>
      </template>
      <span class="quiet">Wipe</span><kbd>W</kbd> <span class="quiet">Original</span
      ><kbd>hold Space</kbd> <span class="num">{{ percent }} %</span><kbd>Z</kbd>
    </div>
    <PictureStage
      :view="view"
      :painter="painter"
      grab
      :label="picture.fileName"
      class="stage"
      @move="moved"
      @pointerdown.capture="pressed"
      @click="clicked"
    >
      <FindingMarkers
        v-if="!held"
        :findings="picture.findings"
        :view="view"
        :chosen="chosen"
        :all="allDrawn"
        @choose="chosen = $event"
      />
      <p v-if="problem" class="over problem">{{ problem }}</p>
      <p v-else-if="!original" class="over">Fetching the picture</p>
      <p v-else-if="held" class="over">Original</p>
      <p v-else-if="nextWords && !plain" class="over tag">
        {{ (next ?? 0) + 1 }} · {{ nextWords }} <kbd>Y</kbd> takes it
      </p>
      <p v-else-if="wipe" class="over">Original at the left; move it with Shift and the pointer</p>
    </PictureStage>
    <LoupeStrip
      v-model:zoom="loupeZoom"
      :source="source"
      :at="loupeAt"
      :backdrop="onStage"
      :pinned="pinned"
    />
  </div>
</template>

<style scoped>
.check-stage {
  display: grid;
  grid-template-rows: 44px minmax(0, 1fr) clamp(110px, 21vh, 190px);
  min-width: 0;
  min-height: 0;
}

.bar {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 0 14px;
  border-bottom: 1px solid var(--line);
  font-size: 13px;
}

.gap {
  flex: 1;
}

.bar .num {
  margin-left: 10px;
}

.over {
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

.over.tag {
  background: var(--ink);
  top: auto;
  bottom: 10px;
}

.over.tag kbd {
  margin-left: 6px;
  color: #fff;
  background: #ffffff26;
  border-color: #ffffff59;
}

.over.problem {
  background: var(--brick);
}
</style>
