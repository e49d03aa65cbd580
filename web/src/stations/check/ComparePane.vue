<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed, ref, shallowRef, watch } from 'vue'
import { addressOf } from '../../api/addresses'
import { sentenceOf } from '../../api/client'
import { methodLabel, type DifferingRegion, type Picture, type Version } from '../../api/types'
import { fillFor } from '../../stage/backdrops'
import { imageAt } from '../../stage/images'
import PictureStage from '../../stage/PictureStage.vue'
import { drawStandIn } from '../../stage/standIn'
import type { View } from '../../stage/view'

/** One version beside others, all moved together. */
const props = defineProps<{
  picture: Picture
  version: Version
  view: View
  backdrop: string
  active: boolean
  /** Where it differs from the picture's present cutout. */
  regions: DifferingRegion[]
}>()
const emit = defineEmits<{ activate: []; use: []; take: [region: DifferingRegion] }>()
const STRETCH = 1.15
const MAKERS: Record<string, string> = { hand: 'mended by hand', merged: 'merged' }

/** A rim's box is large and covers what lies inside: the smallest is drawn last, and can be clicked. */
const largestFirst = computed(() =>
  [...props.regions].sort((a, b) => b.width * b.height - a.width * a.height),
)

const image = shallowRef<ImageBitmap | null>(null)
const problem = ref('')

async function load(address: string) {
  const version = props.version.id
  try {
    const bitmap = await imageAt(address)
    if (props.version.id === version) image.value = bitmap
  } catch (error) {
    problem.value = sentenceOf(error)
  }
}
watch(
  () => props.version.id,
  () => {
    image.value = null
    void load(addressOf.cellPreview(props.picture.id, props.version.id))
  },
  { immediate: true },
)
const closer = computed(() => {
  const shown = image.value?.width ?? Infinity
  const wanted = props.view.scale * window.devicePixelRatio * props.picture.width
  return shown < props.picture.width && wanted > shown * STRETCH
})
watch(closer, (now) => {
  if (now) void load(addressOf.versionCutout(props.picture.id, props.version.id))
})

const painter = computed(() => {
  const shown = image.value
  const on = props.backdrop
  const { width, height } = props.picture
  return (context: CanvasRenderingContext2D, v: View) => {
    context.fillStyle = fillFor(context, on)
    context.fillRect(0, 0, context.canvas.width, context.canvas.height)
    context.imageSmoothingEnabled = v.scale < 4
    if (shown) context.drawImage(shown, v.x, v.y, width * v.scale, height * v.scale)
    else drawStandIn(context, v, { width, height })
  }
})

function place(region: DifferingRegion) {
  const { scale, x, y } = props.view
  return {
    left: `${region.x * scale + x}px`,
    top: `${region.y * scale + y}px`,
    width: `${Math.max(10, region.width * scale)}px`,
    height: `${Math.max(10, region.height * scale)}px`,
  }
}
</script>

<template>
  <section class="pane" :class="{ active }" @pointerdown="emit('activate')">
    <header>
      <b class="num">{{ version.number }}</b>
      <span class="cut">
        {{ MAKERS[version.maker] ?? methodLabel(version.method) }}
        <small class="quiet">{{ version.worst ?? 'nothing found' }}</small>
      </span>
      <span class="num">{{ version.confidence }}</span>
      <span v-if="version.current" class="small quiet">in use</span>
      <Button v-else size="small" @click="emit('use')">Use this</Button>
    </header>
    <PictureStage
      :view="view"
      :painter="painter"
      grab
      :label="`Version ${version.number} of ${picture.fileName}`"
    >
      <button
        v-for="(region, k) in largestFirst"
        :key="k"
        class="region"
        :style="place(region)"
        :title="`Take this place from version ${version.number}`"
        @click="emit('take', region)"
      />
      <p v-if="problem" class="over">{{ problem }}</p>
    </PictureStage>
  </section>
</template>

<style scoped>
.pane {
  display: grid;
  grid-template-rows: 44px minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
  border: 2px solid transparent;
  background: var(--panel);
}

.pane.active {
  border-color: var(--teal);
}

header {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 10px;
  font-size: 13px;
}

header .cut {
  flex: 1;
  line-height: 16px;
}

header small {
  display: block;
}

.region {
  position: absolute;
  padding: 0;
  background: none;
  border: 1.5px dashed #fff;
  box-shadow: 0 0 0 1px #1b2333a0;
  border-radius: 3px;
  cursor: copy;
}

.region:hover,
.region:focus-visible {
  border-style: solid;
  background: #ffffff30;
}

.over {
  position: absolute;
  left: 8px;
  top: 8px;
  margin: 0;
  padding: 0 8px;
  color: #fff;
  background: var(--brick);
  border-radius: 4px;
  font-size: 12px;
}
</style>
