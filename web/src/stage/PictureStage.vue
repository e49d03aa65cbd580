<script setup lang="ts">
import { useElementSize, useEventListener } from '@vueuse/core'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { union, type Box } from './box'
import type { View } from './view'

export interface StagePointer {
  /** In pixels of the picture. */
  x: number
  y: number
  event: PointerEvent
}

/**
 * The one canvas that pictures are shown and worked on: zoom with the wheel, pan with the middle
 * button (or any button while `grab`), everything else is passed on in the picture's own pixels.
 */
const props = defineProps<{
  view: View
  /**
   * Draws the visible part; the context is set up in CSS pixels and clipped to what has changed, which
   * is given when it is not all.
   */
  painter: (context: CanvasRenderingContext2D, view: View, changed?: Box) => void
  grab?: boolean
  label: string
}>()
const emit = defineEmits<{
  press: [at: StagePointer]
  move: [at: StagePointer]
  release: [at: StagePointer]
  leave: []
}>()

const host = ref<HTMLElement | null>(null)
const canvas = ref<HTMLCanvasElement | null>(null)
const { width, height } = useElementSize(host)
let context: CanvasRenderingContext2D | null = null
let frame = 0
let changed: Box | 'all' | null = null
let panning: { x: number; y: number } | null = null

/** Draws again in the next frame: everything, or only a part of the picture. */
function redraw(part?: Box) {
  if (!part || changed === 'all') changed = 'all'
  else if (changed === null) changed = part
  else changed = union(changed, part)
  if (frame === 0) frame = requestAnimationFrame(draw)
}

function draw() {
  frame = 0
  const part = changed
  changed = null
  if (!context || part === null) return
  const ratio = window.devicePixelRatio
  context.setTransform(ratio, 0, 0, ratio, 0, 0)
  if (part === 'all') {
    props.painter(context, props.view)
    return
  }
  const v = props.view
  context.save()
  context.beginPath()
  const left = Math.floor(part.x * v.scale + v.x) - 1
  const top = Math.floor(part.y * v.scale + v.y) - 1
  const right = Math.ceil((part.x + part.width) * v.scale + v.x) + 1
  const bottom = Math.ceil((part.y + part.height) * v.scale + v.y) + 1
  const onScreen = { x: left, y: top, width: right - left, height: bottom - top }
  context.rect(left, top, onScreen.width, onScreen.height)
  context.clip()
  props.painter(context, v, onScreen)
  context.restore()
}

function at(event: PointerEvent): StagePointer {
  const box = canvas.value?.getBoundingClientRect()
  const place = props.view.toPicture(
    event.clientX - (box?.left ?? 0),
    event.clientY - (box?.top ?? 0),
  )
  return { ...place, event }
}

function down(event: PointerEvent) {
  canvas.value?.setPointerCapture(event.pointerId)
  if (event.button === 1 || props.grab) {
    event.preventDefault()
    panning = { x: event.clientX, y: event.clientY }
  } else if (event.button === 0) {
    emit('press', at(event))
  }
}

function move(event: PointerEvent) {
  if (panning) {
    props.view.pan(event.clientX - panning.x, event.clientY - panning.y)
    panning = { x: event.clientX, y: event.clientY }
  }
  emit('move', at(event))
}

function up(event: PointerEvent) {
  if (panning) panning = null
  else emit('release', at(event))
}

useEventListener(
  canvas,
  'wheel',
  (event: WheelEvent) => {
    event.preventDefault()
    const box = canvas.value?.getBoundingClientRect()
    const factor = Math.exp(-event.deltaY * 0.0016)
    props.view.zoomTo(
      props.view.scale * factor,
      event.clientX - (box?.left ?? 0),
      event.clientY - (box?.top ?? 0),
    )
  },
  { passive: false },
)

onMounted(() => {
  context = canvas.value?.getContext('2d', { alpha: false }) ?? null
})
watch([width, height], ([w, h]) => {
  if (!canvas.value || w === 0 || h === 0) return
  const ratio = window.devicePixelRatio
  canvas.value.width = Math.round(w * ratio)
  canvas.value.height = Math.round(h * ratio)
  props.view.setViewport({ width: w, height: h })
  redraw()
})
watch(
  () => [props.view.scale, props.view.x, props.view.y, props.painter],
  () => redraw(),
)
onBeforeUnmount(() => cancelAnimationFrame(frame))

defineExpose({ redraw })
</script>

<template>
  <div ref="host" class="stage">
    <canvas
      ref="canvas"
      :aria-label="label"
      role="img"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
      @pointerleave="emit('leave')"
      @contextmenu.prevent
    />
    <slot />
  </div>
</template>

<style scoped>
.stage {
  position: relative;
  overflow: hidden;
  background: var(--stage);
  min-width: 0;
  min-height: 0;
}

canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  touch-action: none;
  display: block;
}
</style>
