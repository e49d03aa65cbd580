<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import type { Part, Setting } from '../../look/look'
import ChoiceRow from './ChoiceRow.vue'
import { colourAt } from './colourAt'
import { useDressed } from './useDressed'
import { useDropper } from './useDropper'
import { useStageHandles } from './useStageHandles'

/** The composed picture in its frame: parts are chosen, drawn about and resized on it. */
const props = defineProps<{
  picture: Picture
  parts: Part[]
  selected: Part | undefined
  width: number
  height: number
  /** How many parts this picture does otherwise. */
  ownChanges: number
}>()
const emit = defineEmits<{
  set: [part: Part, setting: Setting, key: string]
  select: [partId: string]
}>()

const LONGEST_PX = 1000
const room = ref<HTMLElement | null>(null)
const frame = ref<HTMLElement | null>(null)
const image = ref<HTMLImageElement | null>(null)
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
const { url, problem, isCurrent, subject } = useDressed(wanted)
watch(
  () => props.picture.id,
  () => (subject.value = null),
)

const { box, lines, held, down, corner, drag, up, nudge } = useStageHandles(props, shown, subject, {
  set: (part, setting, key) => emit('set', part, setting, key),
  select: (part) => emit('select', part.id),
})

/** The line on which the subject stands, while something that has to do with it is chosen. */
const floor = computed(() => {
  const place = props.parts.find((p) => p.on && p.setting.kind === 'subject')?.setting
  const kind = props.selected?.setting.kind
  const matters = kind && ['subject', 'cast-shadow', 'contact-shadow', 'reflection'].includes(kind)
  if (!matters || place?.kind !== 'subject' || place.stand !== 'floor') return null
  return 100 - (place.floor * Math.min(props.width, props.height)) / props.height
})

const dropper = useDropper()
const from = ref<'composed' | 'photograph'>('composed')
const SOURCES: { value: 'composed' | 'photograph'; label: string }[] = [
  { value: 'composed', label: 'This picture' },
  { value: 'photograph', label: 'The photograph' },
]
const showsPhotograph = computed(() => dropper.picking.value && from.value === 'photograph')

function press(event: PointerEvent) {
  if (dropper.picking.value) return takeColour(event)
  const at = frame.value?.getBoundingClientRect()
  if (!at) return
  down(event, {
    x: (100 * (event.clientX - at.left)) / at.width,
    y: (100 * (event.clientY - at.top)) / at.height,
  })
}

function takeColour(event: PointerEvent) {
  const colour = image.value && colourAt(image.value, event.clientX, event.clientY)
  if (colour) dropper.take(colour)
}
</script>

<template>
  <div ref="room" class="room" :class="{ picks: dropper.picking.value }">
    <div
      ref="frame"
      class="picture checker"
      :style="{ width: `${shown.width}px`, height: `${shown.height}px` }"
      :data-dressed="isCurrent"
      @pointerdown="press"
      @pointermove="drag"
      @pointerup="up"
    >
      <img
        v-if="showsPhotograph"
        ref="image"
        class="photograph"
        :src="addressOf.preview(picture)"
        :alt="picture.fileName"
        draggable="false"
      />
      <img
        v-else-if="url"
        ref="image"
        :src="url"
        :alt="`${picture.fileName} under this look`"
        draggable="false"
      />
      <template v-if="!dropper.picking.value">
        <i v-if="lines.x !== null" class="line down" :style="{ left: `${lines.x}%` }" />
        <i v-if="lines.y !== null" class="line across" :style="{ top: `${lines.y}%` }" />
        <i v-if="floor !== null" class="line across floor" :style="{ top: `${floor}%` }" />
        <div
          v-if="box && !(held && selected?.setting.kind === 'subject')"
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
          @keydown="nudge"
        >
          <i
            class="corner"
            @pointerdown.stop="corner"
            @pointermove.stop="drag"
            @pointerup.stop="up"
          />
        </div>
      </template>
    </div>
    <div v-if="dropper.picking.value" class="source">
      <span>Click where the colour is</span>
      <ChoiceRow v-model="from" label="Take it from" :choices="SOURCES" />
      <button @click="dropper.stop()">Leave it <kbd>Esc</kbd></button>
    </div>
    <span v-if="ownChanges > 0" class="own-tag" data-own-here>
      {{ ownChanges === 1 ? 'One part of its own' : `${ownChanges} parts of its own` }}
    </span>
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
  user-select: none;
}

.picture img.photograph {
  width: auto;
  height: auto;
  max-width: 100%;
  max-height: 100%;
  position: absolute;
  inset: 0;
  margin: auto;
}

.picks .picture {
  cursor: crosshair;
}

.source {
  position: absolute;
  top: 10px;
  display: flex;
  align-items: center;
  gap: 10px;
  background: var(--panel);
  border-radius: 8px;
  padding: 4px 10px;
  font-size: 13px;
}

.source button {
  border: 0;
  background: none;
  font: inherit;
  font-size: 13px;
  white-space: nowrap;
  min-height: 24px;
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
  pointer-events: none;
}

.line.floor {
  opacity: 0.55;
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

.own-tag {
  position: absolute;
  left: 12px;
  bottom: 10px;
  background: var(--saffron-wash);
  border: 1px solid #e2b968;
  border-radius: 4px;
  padding: 0 8px;
  font: 500 12.5px/20px var(--text);
}

.problem {
  position: absolute;
  bottom: 10px;
  background: var(--brick-wash);
  border-radius: 6px;
  padding: 6px 12px;
}
</style>
