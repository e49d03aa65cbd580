<script setup lang="ts">
import { computed, watch } from 'vue'
import type { Picture } from '../../api/types'
import PictureThumb from '../../shell/PictureThumb.vue'
import { useTileRows } from '../../shell/useTileRows'
import { FLAGS, type Flag } from './report'

/** All pictures that are to be seen; only the rows on the screen are drawn. */
const props = defineProps<{
  pictures: Picture[]
  flags: Map<number, Flag[]>
  marked: Set<number>
  focusId: number | null
}>()
const emit = defineEmits<{ press: [id: number, event: MouseEvent]; open: [id: number] }>()
const columns = defineModel<number>('columns', { required: true })

const { across, rows, height, reveal } = useTileRows({
  count: () => props.pictures.length,
  tilePx: 168,
  gapPx: 0,
  rowPx: 158,
})
watch(across, (now) => (columns.value = now), { immediate: true })
const shown = computed(() =>
  rows.value.map((row) => ({ ...row, pictures: props.pictures.slice(row.first, row.end) })),
)

watch(
  () => props.focusId,
  (id) => {
    const i = props.pictures.findIndex((p) => p.id === id)
    if (i >= 0) reveal(i)
  },
)

/** The most telling thing about a picture; the others are in the ticket column. */
function note(id: number): string {
  const flags = props.flags.get(id) ?? []
  return FLAGS.find((f) => f.onTile !== '' && flags.includes(f.flag))?.onTile ?? ''
}
</script>

<template>
  <div
    ref="scroller"
    class="scroller"
    role="listbox"
    aria-label="Pictures"
    aria-multiselectable="true"
  >
    <div class="all" :style="{ height: `${height}px` }">
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
          role="option"
          :class="{ on: picture.id === focusId, marked: marked.has(picture.id) }"
          :aria-selected="marked.has(picture.id) || picture.id === focusId"
          @click="emit('press', picture.id, $event)"
          @dblclick="emit('open', picture.id)"
        >
          <PictureThumb :picture="picture" class="thumb" />
          <span class="cut small">{{ picture.fileName }}</span>
          <span class="num quiet">
            {{ picture.width }} × {{ picture.height
            }}<em v-if="note(picture.id)">{{ note(picture.id) }}</em>
          </span>
        </button>
      </div>
    </div>
  </div>
</template>

<style scoped>
.scroller {
  overflow: auto;
  scrollbar-width: thin;
  user-select: none;
}

.all {
  position: relative;
}

.row {
  position: absolute;
  left: 4px;
  right: 10px;
  top: 4px;
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

.cell.marked .thumb {
  outline: 3px solid var(--teal);
  outline-offset: -3px;
}

.cell.marked {
  background: var(--teal-wash);
  border-radius: 5px;
}

.cell.on .thumb {
  outline: 2px solid var(--teal);
  outline-offset: 1px;
}

.cell .num {
  font-size: 11.5px;
  white-space: nowrap;
  overflow: hidden;
}

em {
  font: 600 12px/16px var(--text);
  color: var(--saffron-ink);
  margin-left: 6px;
}
</style>
