<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref, watch } from 'vue'
import type { Preflight, PreflightFile } from '../../api/types'
import { byteWords } from '../../spec/spec'
import { filesOf, filtersOf, keyOf } from './preflight'

/** Every file that will be made; those that need a look come first. Only the rows in view are drawn. */
const props = defineProps<{
  preflight: Preflight
  /** Of each file, in the preflight's order; 0 or nothing = not known yet. */
  bytes: number[]
}>()
/** Files that are not made, by {@link keyOf}. */
const leftOut = defineModel<Set<string>>('leftOut', { required: true })

const ROW_PX = 34
const filter = ref('')
const filters = computed(() => filtersOf(props.preflight))
const rows = computed(() => filesOf(props.preflight, filter.value))
watch(filters, (now) => {
  if (!now.some((f) => f.key === filter.value)) filter.value = ''
})

const scroller = ref<HTMLElement | null>(null)
const virtual = useVirtualizer(
  computed(() => ({
    count: rows.value.length,
    estimateSize: () => ROW_PX,
    getScrollElement: () => scroller.value,
    overscan: 8,
  })),
)
const shown = computed(() =>
  virtual.value.getVirtualItems().flatMap((item) => {
    const file = rows.value[item.index]
    return file ? [{ file, start: item.start, index: item.index }] : []
  }),
)

const weights = computed(
  () =>
    new Map(
      props.bytes.length === 0
        ? []
        : props.preflight.content.map((file, i) => [keyOf(file), props.bytes[i] ?? 0]),
    ),
)
function weightOf(file: PreflightFile): string {
  const bytes = weights.value.get(keyOf(file)) ?? 0
  return bytes > 0 ? `≈ ${byteWords(bytes)}` : ''
}

const isIn = (file: PreflightFile) => !leftOut.value.has(keyOf(file))

function take(files: PreflightFile[], isIn: boolean) {
  const next = new Set(leftOut.value)
  for (const file of files) {
    if (isIn) next.delete(keyOf(file))
    else next.add(keyOf(file))
  }
  leftOut.value = next
}

const allIn = computed(() => rows.value.every(isIn))
</script>

<template>
  <section class="panel all">
    <div class="filters" role="group" aria-label="Which files are listed">
      <button
        v-for="f in filters"
        :key="f.key"
        :aria-pressed="filter === f.key"
        :data-filter="f.key"
        @click="filter = f.key"
      >
        {{ f.label }} <span class="num">{{ f.count.toLocaleString('en') }}</span>
      </button>
      <button v-if="filter !== ''" class="act" @click="take(rows, !allIn)">
        {{ allIn ? 'Leave these out' : 'Take these in' }}
      </button>
    </div>
    <div role="table" aria-label="Files" :aria-rowcount="rows.length + 1" class="table">
      <div role="row" class="row head">
        <span role="columnheader"><span class="sr">Made</span></span>
        <span role="columnheader">File</span>
        <span role="columnheader" class="from">From</span>
        <span role="columnheader">Size</span>
        <span role="columnheader">Weight</span>
        <span role="columnheader">Before you run</span>
      </div>
      <div ref="scroller" class="scroller" role="rowgroup" tabindex="0" aria-label="Rows">
        <div class="tall" role="presentation" :style="{ height: `${virtual.getTotalSize()}px` }">
          <div
            v-for="{ file, start, index } in shown"
            :key="keyOf(file)"
            role="row"
            class="row"
            :class="{ out: !isIn(file) }"
            :aria-rowindex="index + 2"
            :data-file="file.name"
            :style="{ transform: `translateY(${start}px)` }"
          >
            <span role="cell">
              <input
                type="checkbox"
                :checked="isIn(file)"
                :aria-label="`Make ${file.name}`"
                @change="take([file], !isIn(file))"
              />
            </span>
            <span role="cell" class="num cut" :title="file.name">{{ file.name }}</span>
            <span role="cell" class="cut from" :title="file.from">{{ file.from }}</span>
            <span role="cell" class="num">{{ file.width }} × {{ file.height }}</span>
            <span role="cell" class="num">{{ weightOf(file) }}</span>
            <span role="cell" class="notes">
              <span
                v-for="note in file.notes"
                :key="note.sentence"
                class="note cut"
                :class="{ blocks: file.blocked }"
                :title="note.sentence"
                :data-note="note.kind"
              >
                {{ note.sentence }}
              </span>
              <span v-if="file.change === 'same'" class="quiet small">as last time</span>
            </span>
          </div>
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
.all {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 180px;
  overflow: hidden;
  container-type: inline-size;
}

.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  padding: 8px 12px 6px;
}

.filters button {
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  padding: 0;
  min-height: 24px;
  font: 13px/20px var(--text);
  color: var(--quiet);
  cursor: pointer;
}

.filters button[aria-pressed='true'] {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--teal);
}

.filters .act {
  margin-left: auto;
  color: var(--teal);
  font-weight: 600;
}

.table {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
  font-size: 13px;
}

.row {
  display: grid;
  grid-template-columns: 24px minmax(0, 14fr) minmax(0, 6fr) 100px 84px minmax(0, 13fr);
  gap: 10px;
  align-items: center;
  padding: 0 12px;
  height: 34px;
  border-bottom: 1px solid var(--line-soft);
}

.head {
  height: 28px;
  font-size: 12px;
  font-weight: 600;
  color: var(--quiet);
}

.scroller {
  overflow: auto;
  min-height: 0;
}

.tall {
  position: relative;
}

.tall .row {
  position: absolute;
  inset: 0 0 auto;
}

.out {
  color: var(--quiet);
  text-decoration: line-through;
}

.row > span:has(input) {
  display: grid;
}

.row input {
  width: 16px;
  height: 16px;
  accent-color: var(--teal);
}

.notes {
  display: flex;
  align-items: center;
  gap: 6px;
  min-width: 0;
}

.note {
  background: var(--saffron-wash);
  border: 1px solid var(--saffron);
  border-radius: 4px;
  padding: 0 7px;
  font-size: 12.5px;
  line-height: 19px;
  color: var(--ink);
}

/* The first is the worst; what is cut off for want of room is what stands after it. */
.note:first-child {
  flex: none;
  max-width: 100%;
}

.note.blocks {
  background: none;
  border-color: var(--brick);
  color: var(--brick);
}

/* Where there is little room, what happens to a file says more than which picture it is of. */
@container (max-width: 760px) {
  .row {
    grid-template-columns: 24px minmax(0, 14fr) 100px 84px minmax(0, 13fr);
  }

  .from {
    display: none;
  }
}

.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
