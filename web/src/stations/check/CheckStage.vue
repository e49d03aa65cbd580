<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { addressOf } from '../../api/addresses'
import { sentenceOf } from '../../api/client'
import type { Picture } from '../../api/types'
import BackdropBar from '../../stage/BackdropBar.vue'
import { BACKDROPS, fillFor } from '../../stage/backdrops'
import { imageAt } from '../../stage/images'
import PictureStage from '../../stage/PictureStage.vue'
import { useView, type View } from '../../stage/view'
import { useKeys } from '../../shell/useKeys'
import { useHeld } from '../../shell/useHeld'

/**
 * The picture on the stage: first at screen size, so that the next one is there at once, then at
 * full size as soon as somebody looks closer.
 */
const props = defineProps<{ picture: Picture; backdrop: string }>()
const emit = defineEmits<{ 'update:backdrop': [backdrop: string] }>()
const backdrop = computed({
  get: () => props.backdrop,
  set: (b) => emit('update:backdrop', b),
})

const view = useView()
const cutout = shallowRef<ImageBitmap | null>(null)
const original = shallowRef<ImageBitmap | null>(null)
const problem = ref('')
const held = useHeld(' ')

watch(
  () => [props.picture.id, props.picture.versionId] as const,
  async ([id, version], before) => {
    const picture = props.picture
    if (before === undefined || before[0] !== id) {
      view.setPicture(picture)
    }
    cutout.value = null
    original.value = null
    problem.value = ''
    try {
      const isCurrent = () => props.picture.id === id && props.picture.versionId === version
      const [front, back] = await Promise.all([
        version === null ? null : imageAt(addressOf.cutoutPreview(picture)),
        imageAt(addressOf.preview(picture)),
      ])
      if (!isCurrent()) return
      cutout.value = front
      original.value = back
    } catch (error) {
      problem.value = sentenceOf(error)
    }
  },
  { immediate: true },
)

/** Full size is fetched when the screen can show more than the preview holds. */
const closer = computed(
  () =>
    cutout.value !== null &&
    cutout.value.width < props.picture.width &&
    view.scale * window.devicePixelRatio * props.picture.width > cutout.value.width * 1.15,
)
watch(closer, async (wanted) => {
  if (!wanted) return
  const picture = props.picture
  try {
    const [front, back] = await Promise.all([
      imageAt(addressOf.cutout(picture)),
      imageAt(addressOf.upright(picture)),
    ])
    if (props.picture.id !== picture.id || props.picture.versionId !== picture.versionId) return
    cutout.value = front
    original.value = back
  } catch (error) {
    problem.value = sentenceOf(error)
  }
})

const painter = computed(() => {
  const shown = held.value || !cutout.value ? original.value : cutout.value
  const on = held.value ? '#8e8e8c' : props.backdrop
  const { width, height } = props.picture
  return (context: CanvasRenderingContext2D, v: View) => {
    context.fillStyle = fillFor(context, on)
    context.fillRect(0, 0, context.canvas.width, context.canvas.height)
    if (!shown) return
    context.imageSmoothingEnabled = v.scale < 4
    context.imageSmoothingQuality = 'high'
    context.drawImage(shown, v.x, v.y, width * v.scale, height * v.scale)
  }
})

const percent = computed(() => Math.round(view.scale * window.devicePixelRatio * 100))

function nextBackdrop() {
  const i = BACKDROPS.findIndex((b) => b.css === props.backdrop)
  backdrop.value = (BACKDROPS[(i + 1) % BACKDROPS.length] ?? BACKDROPS[0]).css
}

useKeys({ b: nextBackdrop, z: () => view.toggleFit() })
</script>

<template>
  <div class="check-stage">
    <div class="bar">
      <BackdropBar v-model:backdrop="backdrop" />
      <span class="gap" />
      <span class="quiet">Original</span><kbd>hold Space</kbd>
      <span class="num">{{ percent }} %</span><kbd>Z</kbd>
    </div>
    <PictureStage :view="view" :painter="painter" grab :label="picture.fileName" class="stage">
      <p v-if="problem" class="over problem">{{ problem }}</p>
      <p v-else-if="!original" class="over">Fetching the picture</p>
      <p v-else-if="held" class="over">Original</p>
    </PictureStage>
  </div>
</template>

<style scoped>
.check-stage {
  display: grid;
  grid-template-rows: 44px minmax(0, 1fr);
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

.over.problem {
  background: var(--brick);
}
</style>
