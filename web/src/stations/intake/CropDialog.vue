<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue'
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import {
  HANDLES,
  isWhole,
  keptPixels,
  NO_TRIM,
  pulled,
  trimOf,
  type Handle,
  type Trim,
} from './crop'

/** A frame laid on one picture; the same shares are taken off all that are chosen. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{ pictures: Picture[] }>()
const emit = defineEmits<{ crop: [trim: Trim | null] }>()

const WAYS: Record<string, { x: number; y: number } | undefined> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
}
const trim = ref<Trim>(NO_TRIM)
const first = computed(() => props.pictures[0])
const frameElement = ref<HTMLElement | null>(null)
const image = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(image)
let drag: { handle: Handle; x: number; y: number; from: Trim } | null = null

watch(open, (now) => {
  if (!now || !first.value) return
  trim.value = trimOf(first.value.intake)
  window.setTimeout(takeKeys, 80)
})

/** The keys belong to the frame as soon as there is something to frame. */
function takeKeys() {
  if (width.value > 0 && height.value > 0) frameElement.value?.focus()
}
watch([width, height], () => open.value && takeKeys())

const kept = computed(() =>
  first.value ? keptPixels(trim.value, first.value.intake) : { width: 0, height: 0 },
)
const frame = computed(() => ({
  left: `${trim.value.left * 100}%`,
  top: `${trim.value.top * 100}%`,
  right: `${trim.value.right * 100}%`,
  bottom: `${trim.value.bottom * 100}%`,
}))

function grab(event: PointerEvent, handle: Handle) {
  drag = { handle, x: event.clientX, y: event.clientY, from: trim.value }
  event.preventDefault()
  event.stopPropagation()
}

useEventListener(window, 'pointermove', (event: PointerEvent) => {
  if (!drag || width.value === 0 || height.value === 0) return
  const dx = (event.clientX - drag.x) / width.value
  const dy = (event.clientY - drag.y) / height.value
  trim.value = pulled(drag.from, drag.handle, dx, dy)
})
useEventListener(window, 'pointerup', () => (drag = null))

/** Arrows move the frame by a pixel of the screen, with Alt they make it larger or smaller. */
function byKey(event: KeyboardEvent) {
  const way = WAYS[event.key]
  if (!way || width.value === 0 || height.value === 0) return
  event.preventDefault()
  const step = event.shiftKey ? 10 : 1
  const handle: Handle = event.altKey ? { x: 1, y: 1 } : { x: 0, y: 0 }
  trim.value = pulled(
    trim.value,
    handle,
    (way.x * step) / width.value,
    (way.y * step) / height.value,
  )
}

function done() {
  emit('crop', isWhole(trim.value) ? null : trim.value)
  open.value = false
}
</script>

<template>
  <Modal v-model:open="open" title="Crop" width="760px" centered :footer="null">
    <div v-if="first" class="stage">
      <div ref="image" class="image">
        <img :src="addressOf.wholePreview(first)" :alt="first.fileName" draggable="false" />
        <div
          ref="frameElement"
          class="frame"
          :style="frame"
          tabindex="0"
          role="group"
          aria-label="Frame: arrows move it, with Alt they size it"
          @pointerdown="grab($event, { x: 0, y: 0 })"
          @keydown="byKey"
          @keydown.enter="done"
        >
          <i
            v-for="handle in HANDLES"
            :key="`${handle.x} ${handle.y}`"
            class="handle"
            :style="{ left: `${(handle.x + 1) * 50}%`, top: `${(handle.y + 1) * 50}%` }"
            @pointerdown="grab($event, handle)"
          />
        </div>
      </div>
    </div>
    <footer>
      <span class="num">{{ kept.width }} × {{ kept.height }}</span>
      <span v-if="pictures.length > 1" class="quiet small">
        The same share is taken off all {{ pictures.length.toLocaleString('en') }}. Originals stay
        whole.
      </span>
      <span v-else class="quiet small">The original stays whole.</span>
      <span class="rest" />
      <Button :disabled="isWhole(trim)" @click="trim = NO_TRIM">Whole picture</Button>
      <Button type="primary" @click="done">
        Crop{{ pictures.length > 1 ? ` ${pictures.length.toLocaleString('en')}` : '' }}
        <kbd>Enter</kbd>
      </Button>
    </footer>
  </Modal>
</template>

<style scoped>
.stage {
  background: var(--stage);
  border-radius: 6px;
  padding: 14px;
  display: grid;
  place-items: center;
  touch-action: none;
}

.image {
  position: relative;
  overflow: hidden;
}

img {
  display: block;
  max-width: 100%;
  max-height: 56vh;
}

.frame {
  position: absolute;
  box-shadow: 0 0 0 4000px rgb(27 35 51 / 58%);
  outline: 1.5px solid var(--panel);
  cursor: move;
}

.frame:focus-visible {
  outline: 2px solid var(--panel);
}

.handle {
  position: absolute;
  width: 12px;
  height: 12px;
  margin: -6px;
  background: var(--panel);
  border: 1.5px solid var(--teal);
  border-radius: 3px;
  cursor: crosshair;
}

footer {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-top: 12px;
}

.rest {
  flex: 1;
}
</style>
