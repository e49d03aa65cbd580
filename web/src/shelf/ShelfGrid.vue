<script setup lang="ts">
import { nextTick, watch } from 'vue'
import type { ShelfFile } from '../api/types'
import { useTileRows } from '../shell/useTileRows'
import { dragOut, thumbnailAddress } from './out'

/** Finished files as tiles; only the rows in view are drawn and fetched. */
const props = defineProps<{ total: number; files: ReadonlyMap<number, ShelfFile> }>()
/** The place of the tile that is looked at. */
const at = defineModel<number>('at', { required: true })
const marked = defineModel<ReadonlyMap<number, ShelfFile>>('marked', { required: true })
const emit = defineEmits<{ show: [first: number, last: number]; save: [file: ShelfFile] }>()

const { scroller, across, rows, height, reveal } = useTileRows({
  count: () => props.total,
  tilePx: 158,
  gapPx: 12,
  rowPx: 186,
})
const placesOf = (row: { first: number; end: number }) =>
  Array.from({ length: row.end - row.first }, (_, i) => row.first + i)

watch(
  [rows, () => props.files],
  () => {
    const first = rows.value[0]
    const last = rows.value.at(-1)
    if (first && last) emit('show', first.first, last.end - 1)
  },
  { immediate: true },
)

function go(place: number) {
  if (props.total === 0) return
  at.value = Math.min(props.total - 1, Math.max(0, place))
  reveal(at.value)
  void nextTick(() => scroller.value?.focus({ preventScroll: true }))
}

function mark(file: ShelfFile | undefined) {
  if (!file) return
  const next = new Map(marked.value)
  if (!next.delete(file.id)) next.set(file.id, file)
  marked.value = next
}

/** From the tile that is looked at to this one. */
function markTo(place: number) {
  const next = new Map(marked.value)
  for (let i = Math.min(place, at.value); i <= Math.max(place, at.value); i++) {
    const file = props.files.get(i)
    if (file) next.set(file.id, file)
  }
  marked.value = next
}

function press(event: MouseEvent, place: number) {
  if (event.shiftKey) markTo(place)
  else if (event.ctrlKey || event.metaKey) mark(props.files.get(place))
  at.value = place
}

defineExpose({
  left: () => go(at.value - 1),
  right: () => go(at.value + 1),
  up: () => go(at.value - across.value),
  down: () => go(at.value + across.value),
  first: () => go(0),
  last: () => go(props.total - 1),
  mark: () => mark(props.files.get(at.value)),
})
</script>

<template>
  <div
    ref="scroller"
    class="scroller"
    tabindex="0"
    role="listbox"
    aria-label="Finished files"
    aria-multiselectable="true"
    :aria-activedescendant="total > 0 ? `tile-${at}` : undefined"
  >
    <div class="tall" role="presentation" :style="{ height: `${height}px` }">
      <div
        v-for="row in rows"
        :key="row.index"
        class="row"
        role="presentation"
        :style="{
          transform: `translateY(${row.start}px)`,
          gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`,
        }"
      >
        <div
          v-for="place in placesOf(row)"
          :id="`tile-${place}`"
          :key="place"
          class="tile"
          role="option"
          :class="{ at: place === at, marked: marked.has(files.get(place)?.id ?? -1) }"
          :aria-selected="marked.has(files.get(place)?.id ?? -1)"
          :data-file="files.get(place)?.name"
          :draggable="files.has(place)"
          @click="press($event, place)"
          @dblclick="emit('save', files.get(place)!)"
          @dragstart="dragOut($event, files.get(place)!)"
        >
          <template v-if="files.get(place)">
            <span class="frame">
              <img
                :src="thumbnailAddress(files.get(place)!)"
                :alt="files.get(place)!.name"
                class="checker"
                draggable="false"
              />
              <i v-if="marked.has(files.get(place)!.id)" class="tick" aria-hidden="true">✓</i>
            </span>
            <span class="name cut num" :title="files.get(place)!.name">{{
              files.get(place)!.name
            }}</span>
            <span class="quiet cut small">
              {{ files.get(place)!.replacedAt ? 'replaced since' : files.get(place)!.batch }}
            </span>
          </template>
          <span v-else class="frame coming" />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.scroller {
  overflow: auto;
  min-height: 0;
  height: 100%;
  padding: 2px 2px 12px;
}

/* The tile that is looked at shows where one is. */
.scroller:focus-visible {
  outline: none;
}

.scroller:focus-visible .tile.at {
  box-shadow: inset 0 0 0 2px var(--teal);
}

.tall {
  position: relative;
}

.row {
  position: absolute;
  inset: 0 0 auto;
  display: grid;
  gap: 12px;
}

.tile {
  display: grid;
  grid-template-rows: 122px auto auto;
  padding: 6px;
  height: 174px;
  border: 1px solid transparent;
  border-radius: 8px;
  cursor: default;
}

.tile:hover {
  background: var(--panel);
}

.tile.at {
  background: var(--panel);
  border-color: var(--teal);
  box-shadow: inset 0 0 0 1px var(--teal);
}

.tile.marked {
  background: var(--teal-wash);
}

.frame {
  position: relative;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  place-items: center;
  margin-bottom: 4px;
}

.frame.coming {
  background: var(--line-soft);
  border-radius: 6px;
}

img {
  max-width: 100%;
  max-height: 100%;
  border: 1px solid var(--line);
  background-size: 10px 10px;
}

.tick {
  position: absolute;
  top: 4px;
  left: 4px;
  width: 20px;
  height: 20px;
  border-radius: 4px;
  background: var(--teal);
  color: #fff;
  font: 600 13px/20px var(--text);
  text-align: center;
}

.name {
  font-size: 12px;
  line-height: 16px;
}
</style>
