<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Picture } from '../../api/types'
import type { Box, Part, Setting } from '../../look/look'
import { resized, snapped } from './handles'
import { useDressed } from './useDressed'

/** The composed picture in its frame, with handles on the chosen part's place. */
const props = defineProps<{
  picture: Picture
  parts: Part[]
  selected: Part | undefined
  width: number
  height: number
}>()
const emit = defineEmits<{ set: [setting: Setting, key: string] }>()

const LONGEST_PX = 1000
const room = ref<HTMLElement | null>(null)
const { width: roomWidth, height: roomHeight } = useElementSize(room)

const shown = computed(() => {
  const scale = Math.min(
    Math.max(80, roomWidth.value - 36) / props.width,
    Math.max(80, roomHeight.value - 36) / props.height,
  )
  return { width: Math.round(props.width * scale), height: Math.round(props.height * scale) }
})
const wanted = computed(() => {
  const scale = Math.min(1, LONGEST_PX / Math.max(props.width, props.height))
  return {
    picture: props.picture,
    parts: props.parts,
    width: Math.max(1, Math.round(props.width * scale)),
    height: Math.max(1, Math.round(props.height * scale)),
  }
})
const { url, problem, isCurrent } = useDressed(wanted)

const lines = ref<{ x: number | null; y: number | null }>({ x: null, y: null })
const box = computed<Box | null>(() => {
  const s = props.selected?.setting
  return s && 'box' in s ? s.box : null
})

let from: { x: number; y: number; box: Box } | null = null
function down(event: PointerEvent) {
  if (!box.value) return
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  from = { x: event.clientX, y: event.clientY, box: box.value }
}

function drag(event: PointerEvent, corner: boolean) {
  if (!from || event.buttons !== 1) return
  const dx = (100 * (event.clientX - from.x)) / shown.value.width
  const dy = (100 * (event.clientY - from.y)) / shown.value.height
  if (corner) {
    put(resized(from.box, dx, dy), 'size')
  } else {
    const snap = snapped({ ...from.box, x: from.box.x + dx, y: from.box.y + dy })
    lines.value = { x: snap.lineX, y: snap.lineY }
    put(snap.box, 'place')
  }
}

function up() {
  from = null
  lines.value = { x: null, y: null }
}

function put(to: Box, key: string) {
  const s = props.selected?.setting
  if (s && 'box' in s) emit('set', { ...s, box: to }, key)
}

function nudge(event: KeyboardEvent) {
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  }
  const step = steps[event.key]
  if (!step || !box.value) return
  event.preventDefault()
  event.stopPropagation()
  const by = event.shiftKey ? 0.2 : 1
  put({ ...box.value, x: box.value.x + step[0] * by, y: box.value.y + step[1] * by }, 'place')
}
</script>

<template>
  <div ref="room" class="room">
    <div
      class="picture checker"
      :style="{ width: `${shown.width}px`, height: `${shown.height}px` }"
      :data-dressed="isCurrent"
    >
      <img v-if="url" :src="url" :alt="`${picture.fileName} under this look`" />
      <i v-if="lines.x !== null" class="line down" :style="{ left: `${lines.x}%` }" />
      <i v-if="lines.y !== null" class="line across" :style="{ top: `${lines.y}%` }" />
      <div
        v-if="box"
        class="box"
        role="group"
        tabindex="0"
        :aria-label="`${selected?.name}: place; the arrows move it`"
        :style="{
          left: `${box.x}%`,
          top: `${box.y}%`,
          width: `${box.width}%`,
          height: `${box.height}%`,
        }"
        @pointerdown="down"
        @pointermove="drag($event, false)"
        @pointerup="up"
        @keydown="nudge"
      >
        <i
          class="corner"
          @pointerdown.stop="down"
          @pointermove.stop="drag($event, true)"
          @pointerup.stop="up"
        />
      </div>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.room {
  background: var(--stage);
  display: grid;
  place-items: center;
  position: relative;
  min-height: 0;
  overflow: hidden;
}

.picture {
  position: relative;
}

.picture img {
  width: 100%;
  height: 100%;
  display: block;
}

.box {
  position: absolute;
  border: 1px dashed var(--hatch);
  cursor: move;
  touch-action: none;
}

.box:focus-visible {
  outline: 2px solid var(--hatch);
}

.corner {
  position: absolute;
  right: -6px;
  bottom: -6px;
  width: 11px;
  height: 11px;
  border: 1.6px solid var(--hatch);
  border-radius: 2px;
  background: #fff;
  cursor: nwse-resize;
  touch-action: none;
}

.line {
  position: absolute;
  background: var(--hatch);
}

.line.down {
  top: 0;
  bottom: 0;
  width: 1px;
}

.line.across {
  left: 0;
  right: 0;
  height: 1px;
}

.problem {
  position: absolute;
  bottom: 10px;
  background: var(--brick-wash);
  border-radius: 6px;
  padding: 6px 12px;
}
</style>
