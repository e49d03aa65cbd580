<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref, watch } from 'vue'
import type { Picture } from '../api/types'
import PictureThumb from './PictureThumb.vue'
import { useKeys } from './useKeys'

/** The same strip everywhere: only what is seen is drawn, whatever the batch's size. */
const props = defineProps<{
  pictures: Picture[]
  cutout?: boolean
  /** Letters choose tools here; only the arrows walk. */
  arrowsOnly?: boolean
}>()
const selectedId = defineModel<number | null>('selectedId', { required: true })

const TILE = 92
const scroller = ref<HTMLElement | null>(null)
const virtual = useVirtualizer(
  computed(() => ({
    count: props.pictures.length,
    horizontal: true,
    estimateSize: () => TILE,
    getScrollElement: () => scroller.value,
    overscan: 6,
    paddingStart: 10,
    paddingEnd: 10,
  })),
)

const shown = computed(() =>
  virtual.value.getVirtualItems().flatMap((item) => {
    const picture = props.pictures[item.index]
    return picture ? [{ item, picture }] : []
  }),
)

const index = computed(() => props.pictures.findIndex((p) => p.id === selectedId.value))

function move(step: number) {
  const next = props.pictures[Math.max(0, Math.min(props.pictures.length - 1, index.value + step))]
  if (next) selectedId.value = next.id
}

watch(index, (i) => {
  if (i >= 0) virtual.value.scrollToIndex(i, { align: 'auto' })
})

function wheel(event: WheelEvent) {
  if (scroller.value && event.deltaX === 0) scroller.value.scrollLeft += event.deltaY
}

useKeys({
  ...(props.arrowsOnly ? {} : { j: () => move(1), k: () => move(-1) }),
  ArrowRight: () => move(1),
  ArrowLeft: () => move(-1),
})
</script>

<template>
  <div ref="scroller" class="film" aria-label="Pictures" @wheel.passive="wheel">
    <div class="roll" :style="{ width: `${virtual.getTotalSize()}px` }">
      <button
        v-for="{ item, picture } in shown"
        :key="picture.id"
        class="tile"
        :class="{ on: picture.id === selectedId }"
        :style="{ transform: `translateX(${item.start}px)` }"
        :title="picture.fileName"
        :data-picture="picture.id"
        @click="selectedId = picture.id"
      >
        <PictureThumb :picture="picture" :cutout="cutout" class="in" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.film {
  overflow: auto hidden;
  border-top: 1px solid var(--line);
  background: var(--panel);
  height: 86px;
  scrollbar-width: thin;
}

.roll {
  position: relative;
  height: 76px;
}

.tile {
  position: absolute;
  top: 9px;
  left: 0;
  width: 84px;
  height: 62px;
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
  border-radius: 5px;
}

.tile.on {
  outline: 2px solid var(--teal);
  outline-offset: 2px;
}

.in {
  width: 84px;
  height: 62px;
}
</style>
