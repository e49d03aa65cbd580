<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Picture } from '../../api/types'
import PictureThumb from '../../shell/PictureThumb.vue'

/** All pictures of the batch; only the rows on the screen are drawn. */
const props = defineProps<{ pictures: Picture[] }>()
const selectedId = defineModel<number | null>('selectedId', { required: true })

const CELL = 168
const ROW = 158
const scroller = ref<HTMLElement | null>(null)
const { width } = useElementSize(scroller)
const columns = computed(() => Math.max(1, Math.floor(width.value / CELL)))
const rows = computed(() => Math.ceil(props.pictures.length / columns.value))
const virtual = useVirtualizer(
  computed(() => ({
    count: rows.value,
    estimateSize: () => ROW,
    getScrollElement: () => scroller.value,
    overscan: 3,
  })),
)
const shown = computed(() =>
  virtual.value.getVirtualItems().map((item) => ({
    start: item.start,
    index: item.index,
    pictures: props.pictures.slice(item.index * columns.value, (item.index + 1) * columns.value),
  })),
)

watch(selectedId, (id) => {
  const i = props.pictures.findIndex((p) => p.id === id)
  if (i >= 0) virtual.value.scrollToIndex(Math.floor(i / columns.value), { align: 'auto' })
})
</script>

<template>
  <div ref="scroller" class="scroller">
    <div class="all" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="row in shown"
        :key="row.index"
        class="row"
        :style="{
          transform: `translateY(${row.start}px)`,
          gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
        }"
      >
        <button
          v-for="picture in row.pictures"
          :key="picture.id"
          class="cell"
          :class="{ on: picture.id === selectedId }"
          @click="selectedId = picture.id"
        >
          <PictureThumb :picture="picture" class="thumb" />
          <span class="cut small">{{ picture.fileName }}</span>
          <span class="num quiet">{{ picture.width }} × {{ picture.height }}</span>
        </button>
      </div>
    </div>
  </div>
</template>

<style scoped>
.scroller {
  overflow: auto;
  scrollbar-width: thin;
}

.all {
  position: relative;
}

.row {
  position: absolute;
  left: 2px;
  right: 10px;
  top: 3px;
  display: grid;
  gap: 12px;
}

.cell {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  display: grid;
  line-height: 17px;
  min-width: 0;
}

.thumb {
  height: 106px;
  margin-bottom: 4px;
}

.cell.on .thumb {
  outline: 2px solid var(--teal);
  outline-offset: 1px;
}

.cell .num {
  font-size: 11.5px;
}
</style>
