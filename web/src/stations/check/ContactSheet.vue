<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { useElementSize } from '@vueuse/core'
import { InputNumber } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { methodLabel, type Picture } from '../../api/types'
import BackdropBar from '../../stage/BackdropBar.vue'
import { kindsIn } from './findings'
import SheetCell from './SheetCell.vue'
import { useSheetChoice } from './useSheetChoice'
import PickOne from '../../shell/PickOne.vue'

/** Many cutouts on one backdrop, to pass those that are right with one key. */
const props = defineProps<{
  queue: Picture[]
  look: string | null
  /** The confidence from which nineteen of twenty cutouts pass as they are. */
  trustedFrom: number
}>()
const backdrop = defineModel<string>('backdrop', { required: true })
const emit = defineEmits<{ choose: [pictures: Picture[], words: string]; open: [id: number] }>()

const CELL = 148
const ROW = 152
const { sieve, atLeast, isTrusted, passes, shown, toPass, below, toggle, words } = useSheetChoice(
  () => props.queue,
  props.trustedFrom,
)
const scroller = ref<HTMLElement | null>(null)
const { width } = useElementSize(scroller)

const columns = computed(() => Math.max(2, Math.floor((width.value - 24) / CELL)))
const virtual = useVirtualizer(
  computed(() => ({
    count: Math.ceil(shown.value.length / columns.value),
    estimateSize: () => ROW,
    getScrollElement: () => scroller.value,
    overscan: 3,
  })),
)
const rows = computed(() =>
  virtual.value.getVirtualItems().map((item) => ({
    start: item.start,
    pictures: shown.value.slice(item.index * columns.value, (item.index + 1) * columns.value),
  })),
)

const kinds = computed(() => [
  { value: '', label: 'any finding' },
  { value: 'none', label: 'nothing found' },
  ...kindsIn(props.queue).map((k) => ({ value: k.kind, label: `${k.label} (${k.count})` })),
])
const options = (values: (string | null)[], any: string, label: (v: string) => string) => [
  { value: '', label: any },
  ...[...new Set(values)].flatMap((v) => (v ? [{ value: v, label: label(v) }] : [])),
]
const groups = computed(() =>
  options(
    props.queue.map((p) => p.group),
    'any group',
    (v) => v,
  ),
)
const methods = computed(() =>
  options(
    props.queue.map((p) => p.method),
    'any method',
    methodLabel,
  ),
)

watch([toPass, words], () => emit('choose', toPass.value, words.value), { immediate: true })
</script>

<template>
  <div class="sheet">
    <div class="bar">
      <BackdropBar v-model:backdrop="backdrop" :look="look" tell-tale="#3c78c8" />
      <span class="sieve">
        <span class="quiet">Confidence from</span>
        <InputNumber
          v-model:value="atLeast"
          :min="0"
          :max="100"
          :step="5"
          aria-label="Confidence from"
          size="small"
          class="from"
        />
        <PickOne
          size="small"
          class="pick"
          label="Finding"
          :value="sieve.kind ?? ''"
          :options="kinds"
          @change="(v) => (sieve.kind = String(v) || null)"
        />
        <PickOne
          v-if="groups.length > 1"
          size="small"
          class="pick"
          label="Group"
          :value="sieve.group ?? ''"
          :options="groups"
          @change="(v) => (sieve.group = String(v) || null)"
        />
        <PickOne
          v-if="methods.length > 2"
          size="small"
          class="pick"
          label="Method"
          :value="sieve.method ?? ''"
          :options="methods"
          @change="(v) => (sieve.method = String(v) || null)"
        />
      </span>
    </div>
    <div ref="scroller" class="cells">
      <div class="all" :style="{ height: `${virtual.getTotalSize()}px` }">
        <div
          v-for="row in rows"
          :key="row.start"
          class="cell-row"
          :style="{
            transform: `translateY(${row.start}px)`,
            gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
          }"
        >
          <SheetCell
            v-for="picture in row.pictures"
            :key="picture.id"
            :picture="picture"
            :backdrop="backdrop"
            :left-out="!passes(picture)"
            :below="isTrusted(picture) ? null : atLeast"
            @click="toggle(picture)"
            @dblclick="emit('open', picture.id)"
          />
        </div>
      </div>
      <p v-if="shown.length === 0" class="none quiet">No cutout is like that.</p>
    </div>
    <p class="foot small quiet">
      <template v-if="atLeast === trustedFrom">
        From {{ trustedFrom }} up, 19 of 20 cutouts pass as they are, as measured on pictures with
        exact mattes.
      </template>
      <template v-if="below > 0">
        {{ below.toLocaleString('en') }} below {{ below === 1 ? 'is' : 'are' }} left out, at the
        end.
      </template>
      A click takes a picture in or leaves it out; a double click opens it.
    </p>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  min-width: 0;
  min-height: 0;
}

.bar,
.sieve {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  font-size: 13px;
}

.bar {
  padding: 8px 14px;
  border-bottom: 1px solid var(--line);
}

.from {
  width: 62px;
}

.pick {
  min-width: 128px;
}

.cells {
  overflow: auto;
  padding: 10px 12px;
  min-height: 0;
}

.all {
  position: relative;
}

.cell-row {
  position: absolute;
  left: 0;
  right: 0;
  display: grid;
  gap: 8px;
}

.foot {
  margin: 0;
  padding: 6px 14px;
  border-top: 1px solid var(--line);
}

.none {
  text-align: center;
  padding: 40px;
}
</style>
