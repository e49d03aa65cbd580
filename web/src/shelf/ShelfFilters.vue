<script setup lang="ts">
import { Button, Input } from 'ant-design-vue'
import { computed, ref } from 'vue'
import type { ShelfChoices } from '../api/types'
import PickOne from '../shell/PickOne.vue'
import { FORMATS } from '../spec/spec'
import { isNarrowed, NOTHING, TIMES, type ShelfFilter } from './filter'

/** Words first; what else narrows the shelf stands beside them. */
const filter = defineModel<ShelfFilter>({ required: true })
const props = defineProps<{ choices: ShelfChoices | undefined }>()
const words = ref<{ focus: () => void } | null>(null)

type Narrowing = 'batch' | 'spec' | 'look' | 'group' | 'format'
const PICKS: { key: Narrowing; of: keyof ShelfChoices; any: string; label: string }[] = [
  { key: 'batch', of: 'batches', any: 'any batch', label: 'Batch' },
  { key: 'spec', of: 'specs', any: 'any spec', label: 'Spec' },
  { key: 'look', of: 'looks', any: 'any look', label: 'Look' },
  { key: 'group', of: 'groups', any: 'any group', label: 'Group' },
  { key: 'format', of: 'formats', any: 'any format', label: 'Format' },
]
const picks = computed(() =>
  PICKS.map((pick) => ({
    ...pick,
    options: [
      { value: '', label: pick.any },
      ...(props.choices?.[pick.of] ?? []).map((c) => ({
        value: c.value ?? '',
        label: pick.key === 'format' ? formatLabel(c.value ?? '') : (c.label ?? ''),
      })),
    ],
  })).filter((pick) => pick.options.length > 2 || filter.value[pick.key] !== ''),
)
const formatLabel = (value: string) => FORMATS.find((f) => f.value === value)?.label ?? value

function change(part: Partial<ShelfFilter>) {
  filter.value = { ...filter.value, ...part }
}

defineExpose({ focus: () => words.value?.focus() })
</script>

<template>
  <div class="filters" role="search">
    <Input
      ref="words"
      class="words"
      :value="filter.words"
      :maxlength="200"
      placeholder="A name, code, size, word …"
      aria-label="Words"
      allow-clear
      @update:value="(now: string) => change({ words: now })"
    >
      <template #suffix><kbd v-if="filter.words === ''">/</kbd></template>
    </Input>
    <button
      v-if="filter.delivery !== ''"
      class="one"
      data-one-delivery
      @click="change({ delivery: '' })"
    >
      delivery <span class="num">{{ filter.delivery }}</span> <span aria-label="not only">×</span>
    </button>
    <PickOne
      v-for="pick in picks"
      :key="pick.key"
      :value="filter[pick.key]"
      :options="pick.options"
      :label="pick.label"
      :data-pick="pick.key"
      style="min-width: 104px; max-width: 180px"
      :dropdown-match-select-width="false"
      show-search
      option-filter-prop="label"
      @change="(now: unknown) => change({ [pick.key]: String(now ?? '') })"
    />
    <PickOne
      :value="filter.time"
      :options="TIMES"
      label="Delivered"
      style="min-width: 104px; max-width: 180px"
      :dropdown-match-select-width="false"
      @change="(now: unknown) => change({ time: String(now ?? '') })"
    />
    <template v-if="filter.time === 'between'">
      <input
        type="date"
        aria-label="From"
        :value="filter.from"
        @change="change({ from: ($event.target as HTMLInputElement).value })"
      />
      <input
        type="date"
        aria-label="To"
        :value="filter.to"
        @change="change({ to: ($event.target as HTMLInputElement).value })"
      />
    </template>
    <Button v-if="isNarrowed(filter)" size="small" @click="filter = { ...NOTHING }">
      Show all
    </Button>
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.words {
  width: 250px;
}

.one {
  height: 32px;
  border: 1px solid var(--teal);
  border-radius: 6px;
  background: var(--teal-wash);
  padding: 0 10px;
  font: 600 13px/18px var(--text);
  color: var(--ink);
  cursor: pointer;
}

input[type='date'] {
  height: 32px;
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 0 8px;
  background: var(--panel);
  font: 13px/20px var(--mono);
  color: var(--ink);
}
</style>
