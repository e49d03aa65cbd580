<script setup lang="ts">
import { Input } from 'ant-design-vue'
import { computed } from 'vue'
import type { NamePart } from '../../api/types'
import PickOne from '../../shell/PickOne.vue'
import { NAME_PARTS } from '../../spec/spec'

/** Words put together from parts: press to add, press a part to take it out. */
const parts = defineModel<NamePart[]>('parts', { required: true })
const props = defineProps<{
  /** Parts that can be added. */
  offered: NonNullable<NamePart['part']>[]
  /** Of the batch's list. */
  columns: string[]
  /** Said where there is none. */
  empty: string
  /** What a new text begins with. */
  text: string
}>()
const shown = computed(() =>
  NAME_PARTS.filter(
    (p) => props.offered.includes(p.part) && (p.part !== 'column' || props.columns.length > 0),
  ),
)

function add(part: NonNullable<NamePart['part']>) {
  const more: Partial<Record<string, Partial<NamePart>>> = {
    text: { text: props.text },
    counter: { digits: 3, start: 1 },
    column: { column: props.columns[0] },
  }
  parts.value = [...parts.value, { part, ...more[part] }]
}

function remove(index: number) {
  parts.value = parts.value.filter((_, i) => i !== index)
}

function set(index: number, more: Partial<NamePart>) {
  parts.value = parts.value.map((p, i) => (i === index ? { ...p, ...more } : p))
}

/** `007` says three digits beginning at seven. */
function setCounter(index: number, typed: string) {
  const digits = typed.replace(/\D/g, '')
  if (digits !== '') set(index, { digits: Math.min(8, digits.length), start: Number(digits) })
}
const counterOf = (part: NamePart) => String(part.start ?? 1).padStart(part.digits ?? 3, '0')

const labelOf = (part: NamePart) => NAME_PARTS.find((p) => p.part === part.part)?.label ?? ''
</script>

<template>
  <div>
    <div class="now">
      <span v-for="(part, i) in parts" :key="i" class="chip">
        <Input
          v-if="part.part === 'text'"
          :value="part.text"
          size="small"
          class="text num"
          aria-label="Text"
          :style="{ width: `${Math.max(5, (part.text ?? '').length + 3)}ch` }"
          @update:value="(t) => set(i, { text: String(t) })"
        />
        <template v-else-if="part.part === 'counter'">
          <Input
            :value="counterOf(part)"
            size="small"
            class="text num"
            aria-label="First number"
            title="The first number, with its zeros"
            @change="(e) => setCounter(i, String(e.target.value ?? ''))"
          />
          <button
            class="per"
            :aria-pressed="part.perGroup === true"
            title="Every group begins anew"
            @click="set(i, { perGroup: part.perGroup ? undefined : true })"
          >
            {{ part.perGroup ? 'in its group' : 'of all' }}
          </button>
        </template>
        <PickOne
          v-else-if="part.part === 'column'"
          label="Column of the list"
          size="small"
          class="column"
          :value="part.column"
          :options="columns.map((c) => ({ value: c, label: c }))"
          @change="set(i, { column: String($event) })"
        />
        <span v-else class="num">{{ labelOf(part) }}</span>
        <button :aria-label="`Take out ${labelOf(part)}`" @click="remove(i)">×</button>
      </span>
      <span v-if="parts.length === 0" class="small quiet">{{ empty }}</span>
    </div>
    <div class="add">
      <button v-for="p in shown" :key="p.part" @click="add(p.part)">+ {{ p.label }}</button>
    </div>
  </div>
</template>

<style scoped>
.now {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 7px;
  margin: 6px 0 4px;
  background: var(--paper);
  min-height: 40px;
}

.chip {
  display: inline-flex;
  align-items: center;
  gap: 3px;
  background: var(--panel);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 0 0 0 7px;
}

.text {
  min-width: 44px;
  max-width: 210px;
  margin-left: -4px;
}

.column {
  width: 96px;
}

.chip .per {
  color: var(--teal);
  font: 12px/18px var(--text);
}

.chip button {
  border: 0;
  background: none;
  color: var(--quiet);
  cursor: pointer;
  min-width: 24px;
  min-height: 24px;
  padding: 0 4px;
}

.add {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
}

.add button {
  border: 0;
  background: none;
  min-height: 24px;
  padding: 0;
  font: 13px/20px var(--text);
  color: var(--teal);
  cursor: pointer;
}
</style>
