<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { fillFor } from './backdrops'
import { paintLoupe, TILES, type LoupeSource } from './loupe'

/** Four looks at the same place, at the same magnification: source, matte, kept, removed. */
const props = defineProps<{
  source: LoupeSource | null
  /** In pixels of the picture. */
  at: { x: number; y: number } | null
  backdrop: string
  /** Null = it always follows. */
  pinned: boolean | null
}>()
const zoom = defineModel<number>('zoom', { required: true })
const LARGEST = 16
const SMALLEST = 0.5

const host = ref<HTMLElement | null>(null)
const canvases = ref<HTMLCanvasElement[]>([])
const { width, height } = useElementSize(host)
let frame = 0

function draw() {
  frame = 0
  const ratio = window.devicePixelRatio
  canvases.value.forEach((canvas, k) => {
    const w = Math.max(1, Math.round(canvas.clientWidth * ratio))
    const h = Math.max(1, Math.round(canvas.clientHeight * ratio))
    if (canvas.width !== w || canvas.height !== h) {
      canvas.width = w
      canvas.height = h
    }
    const context = canvas.getContext('2d')
    const tile = TILES[k]
    if (!context || !tile) return
    context.setTransform(1, 0, 0, 1, 0, 0)
    context.fillStyle = '#8e8e8c'
    context.fillRect(0, 0, w, h)
    if (props.source && props.at) {
      const fill = fillFor(context, props.backdrop)
      paintLoupe(context, tile, props.source, props.at, zoom.value * ratio, fill)
    }
  })
}

function later() {
  if (frame === 0) frame = requestAnimationFrame(draw)
}

onMounted(later)
watch([() => props.source, () => props.at, () => props.backdrop, zoom, width, height], later)

function turn(event: WheelEvent) {
  const next = zoom.value * Math.exp(-event.deltaY * 0.0016)
  zoom.value = Math.max(SMALLEST, Math.min(LARGEST, next))
}
const words = computed(() => {
  if (props.pinned === null) return 'follows the pointer; the wheel here magnifies'
  return props.pinned
    ? 'pinned; click the picture to let go'
    : 'follows the pointer; a click pins it'
})
</script>

<template>
  <div ref="host" class="loupe" aria-label="Loupe" @wheel.prevent="turn">
    <figure v-for="tile in TILES" :key="tile">
      <canvas ref="canvases" role="img" :aria-label="tile" />
      <figcaption>{{ tile }}</figcaption>
    </figure>
    <span class="how small quiet">
      <span class="num">{{ Math.round(zoom * 100) }} %</span> {{ words }}
    </span>
  </div>
</template>

<style scoped>
.loupe {
  display: grid;
  grid-template: minmax(0, 1fr) 18px / repeat(4, minmax(0, 1fr));
  gap: 4px 8px;
  padding: 8px 14px 4px;
  background: var(--panel);
  border-top: 1px solid var(--line);
  min-height: 0;
}

figure {
  position: relative;
  margin: 0;
  min-height: 0;
}

canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  border-radius: 4px;
}

figcaption {
  position: absolute;
  left: 0;
  bottom: 0;
  padding: 0 7px;
  font-size: 12px;
  line-height: 19px;
  color: #fff;
  background: #1b2333cc;
  border-radius: 0 4px 0 4px;
  text-transform: capitalize;
}

.how {
  grid-column: 1 / -1;
}
</style>
