<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { addressOf } from '../../../api/addresses'
import type { Picture, Subject } from '../../../api/types'
import type { Box } from '../../../stage/box'
import PictureStage, { type StagePointer } from '../../../stage/PictureStage.vue'
import { drawStandIn } from '../../../stage/standIn'
import { useView, type View } from '../../../stage/view'

/**
 * The photograph with what is kept in full colour and the rest faded; numbered subjects to switch
 * with a press, and boxes drawn by dragging.
 */
const props = defineProps<{ picture: Picture; subjects: Subject[]; boxes: Box[] }>()
const emit = defineEmits<{ turn: [number: number]; box: [box: Box] }>()

const DRAG_PX = 5
const stage = ref<InstanceType<typeof PictureStage> | null>(null)
const view = useView()
const original = shallowRef<HTMLImageElement | null>(null)
const cutout = shallowRef<HTMLImageElement | null>(null)
const drag = ref<{ from: StagePointer; to: StagePointer } | null>(null)

function load(address: string | null, into: typeof original) {
  into.value = null
  if (address === null) return
  const image = new Image()
  image.onload = () => {
    into.value = image
  }
  image.src = address
}

watch(
  () => props.picture.originalKey,
  () => {
    view.setPicture(props.picture)
    load(addressOf.preview(props.picture), original)
  },
  { immediate: true },
)
watch(
  () => props.picture.versionId,
  () =>
    load(props.picture.versionId === null ? null : addressOf.cutoutPreview(props.picture), cutout),
  { immediate: true },
)

const drawn = computed<Box | null>(() => {
  if (!drag.value) return null
  const { from, to } = drag.value
  return {
    x: Math.min(from.x, to.x),
    y: Math.min(from.y, to.y),
    width: Math.abs(from.x - to.x),
    height: Math.abs(from.y - to.y),
  }
})

const painter = (context: CanvasRenderingContext2D, v: View) => {
  context.fillStyle = '#8e8e8c'
  context.fillRect(0, 0, context.canvas.width, context.canvas.height)
  const { width, height } = props.picture
  const place = [v.x, v.y, width * v.scale, height * v.scale] as const
  if (original.value) context.drawImage(original.value, ...place)
  else drawStandIn(context, v, props.picture)
  if (cutout.value) {
    context.fillStyle = 'rgb(246 242 233 / 72%)'
    context.fillRect(...place)
    context.drawImage(cutout.value, ...place)
  }
  for (const subject of props.subjects) paintSubject(context, v, subject)
  for (const box of [...props.boxes, ...(drawn.value ? [drawn.value] : [])]) {
    outline(context, v, box, '#c98a1b', [])
  }
}

function outline(
  context: CanvasRenderingContext2D,
  v: View,
  box: Box,
  colour: string,
  dashes: number[],
) {
  context.strokeStyle = colour
  context.lineWidth = 2
  context.setLineDash(dashes)
  context.strokeRect(
    box.x * v.scale + v.x,
    box.y * v.scale + v.y,
    box.width * v.scale,
    box.height * v.scale,
  )
  context.setLineDash([])
}

function paintSubject(context: CanvasRenderingContext2D, v: View, subject: Subject) {
  const colour = subject.kept ? '#0e5a60' : '#626878'
  outline(context, v, subject.box, colour, subject.kept ? [] : [5, 4])
  const x = subject.box.x * v.scale + v.x
  const y = subject.box.y * v.scale + v.y
  context.fillStyle = colour
  context.fillRect(x - 1, y - 1, 24, 20)
  context.fillStyle = '#fffdf8'
  context.font = "600 13px 'Atkinson Hyperlegible Mono Variable', monospace"
  context.textAlign = 'center'
  context.textBaseline = 'middle'
  context.fillText(String(subject.number), x + 11, y + 10)
}

function release(at: StagePointer) {
  const started = drag.value
  drag.value = null
  if (!started) return
  const far =
    Math.hypot(
      at.event.clientX - started.from.event.clientX,
      at.event.clientY - started.from.event.clientY,
    ) > DRAG_PX
  if (far) {
    emit('box', {
      x: Math.min(started.from.x, at.x),
      y: Math.min(started.from.y, at.y),
      width: Math.abs(started.from.x - at.x),
      height: Math.abs(started.from.y - at.y),
    })
    return
  }
  const hit = smallestAt(at.x, at.y)
  if (hit) emit('turn', hit.number)
}

/** The smallest of the boxes at a place, so that one inside another can be reached. */
function smallestAt(x: number, y: number): Subject | undefined {
  return props.subjects
    .filter(
      ({ box }) => x >= box.x && y >= box.y && x < box.x + box.width && y < box.y + box.height,
    )
    .sort((a, b) => a.box.width * a.box.height - b.box.width * b.box.height)[0]
}

watch([original, cutout, () => props.subjects, () => props.boxes, drawn], () =>
  stage.value?.redraw(),
)
onBeforeUnmount(() => {
  drag.value = null
})
</script>

<template>
  <PictureStage
    ref="stage"
    class="guide"
    :view="view"
    :painter="painter"
    :label="`${picture.fileName} with its numbered subjects`"
    @press="(at) => (drag = { from: at, to: at })"
    @move="(at) => drag && (drag = { ...drag, to: at })"
    @release="release"
  />
</template>

<style scoped>
.guide {
  height: 100%;
  cursor: crosshair;
}
</style>
