<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref, watch } from 'vue'
import type { Picture } from '../../api/types'
import PictureThumb from '../../shell/PictureThumb.vue'
import { useKeys } from '../../shell/useKeys'
import { headline } from './findings'

/** What waits for a checker, the least trusted first. */
const props = defineProps<{ queue: Picture[]; judged: number; total: number }>()
const selectedId = defineModel<number | null>('selectedId', { required: true })

const ROW = 58
const scroller = ref<HTMLElement | null>(null)
const virtual = useVirtualizer(
  computed(() => ({
    count: props.queue.length,
    estimateSize: () => ROW,
    getScrollElement: () => scroller.value,
    overscan: 8,
  })),
)
const shown = computed(() =>
  virtual.value.getVirtualItems().flatMap((item) => {
    const picture = props.queue[item.index]
    return picture ? [{ start: item.start, picture }] : []
  }),
)
const index = computed(() => props.queue.findIndex((p) => p.id === selectedId.value))
watch(index, (i) => {
  if (i >= 0) virtual.value.scrollToIndex(i, { align: 'auto' })
})

function move(step: number) {
  const next = props.queue[Math.max(0, Math.min(props.queue.length - 1, index.value + step))]
  if (next) selectedId.value = next.id
}

useKeys({
  j: () => move(1),
  k: () => move(-1),
  ArrowDown: () => move(1),
  ArrowUp: () => move(-1),
  ArrowRight: () => move(1),
  ArrowLeft: () => move(-1),
})
</script>

<template>
  <section class="queue" aria-label="To check">
    <div class="top">
      <b>{{ queue.length.toLocaleString('en') }} to check</b>
      <span class="small quiet">
        riskiest first · {{ judged.toLocaleString('en') }} of {{ total.toLocaleString('en') }} done
      </span>
    </div>
    <div ref="scroller" class="rows">
      <div class="all" :style="{ height: `${virtual.getTotalSize()}px` }">
        <button
          v-for="{ start, picture } in shown"
          :key="picture.id"
          class="row"
          :class="{ on: picture.id === selectedId }"
          :style="{ transform: `translateY(${start}px)` }"
          :data-picture="picture.id"
          @click="selectedId = picture.id"
        >
          <PictureThumb :picture="picture" cutout bare class="thumb" />
          <span class="words">
            <span class="num">{{ picture.confidence }}</span>
            <span class="meter"><i :style="{ width: `${picture.confidence ?? 0}%` }" /></span>
            <span class="cut name" :title="picture.fileName">{{ headline(picture) }}</span>
          </span>
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.queue {
  width: 196px;
  border-right: 1px solid var(--line);
  background: var(--panel);
  display: flex;
  flex-direction: column;
  min-height: 0;
}

.top {
  padding: 10px 12px 8px;
  border-bottom: 1px solid var(--line);
  display: grid;
}

.rows {
  overflow: auto;
  flex: 1;
  scrollbar-width: thin;
}

.all {
  position: relative;
}

.row {
  position: absolute;
  left: 0;
  top: 0;
  width: 100%;
  height: 58px;
  display: grid;
  grid-template-columns: 56px minmax(0, 1fr);
  gap: 9px;
  padding: 7px 12px;
  align-items: center;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}

.row.on {
  background: var(--teal-wash);
  box-shadow: inset 3px 0 0 var(--teal);
}

.thumb {
  width: 56px;
  height: 42px;
}

.words {
  display: grid;
  line-height: 15px;
  min-width: 0;
}

.meter {
  height: 3px;
  background: #e6decd;
  border-radius: 2px;
  margin: 2px 0 3px;
}

.meter i {
  display: block;
  height: 3px;
  border-radius: 2px;
  background: var(--ink);
}

.name {
  font-size: 12px;
  color: var(--quiet);
}
</style>
