<script setup lang="ts">
import { Input } from 'ant-design-vue'
import { computed } from 'vue'
import type { Picture } from '../../api/types'
import { FLAGS, tallied, type Flag, type Sieve } from './report'
import PickOne from '../../shell/PickOne.vue'

/** What intake noticed, each with how many there are; a press shows only those. */
const props = defineProps<{
  pictures: Picture[]
  flags: Map<number, Flag[]>
  removed: number
}>()
const sieve = defineModel<Sieve>('sieve', { required: true })
const removedShown = defineModel<boolean>('removedShown', { required: true })

const counts = computed(() => {
  const all = new Map<Flag, number>()
  for (const flags of props.flags.values()) {
    for (const flag of flags) all.set(flag, (all.get(flag) ?? 0) + 1)
  }
  return all
})
const chips = computed(() =>
  FLAGS.flatMap((f) => {
    const count = counts.value.get(f.flag) ?? 0
    return count > 0 || sieve.value.flags.includes(f.flag) ? [{ ...f, count }] : []
  }),
)
const notCut = computed(
  () => props.pictures.filter((p) => p.state === 'waiting' && !p.queued).length,
)
const formats = computed(() => options(props.pictures.map((p) => p.format)))
const groups = computed(() =>
  options(
    props.pictures.map((p) => p.group),
    'no group',
  ),
)

function options(values: (string | null)[], without = '') {
  return tallied(values).map(({ value, count }) => ({
    value,
    label: `${value === '' ? without : value} ${count.toLocaleString('en')}`,
  }))
}

function turn(flag: Flag) {
  const on = sieve.value.flags.includes(flag)
  sieve.value = {
    ...sieve.value,
    flags: on ? sieve.value.flags.filter((f) => f !== flag) : [...sieve.value.flags, flag],
  }
}

function set(change: Partial<Sieve>) {
  sieve.value = { ...sieve.value, ...change }
}
</script>

<template>
  <div class="sieve" role="group" aria-label="Show only">
    <button
      v-if="notCut > 0 && notCut < pictures.length"
      class="chip"
      :class="{ on: sieve.notCut }"
      :aria-pressed="sieve.notCut"
      @click="set({ notCut: !sieve.notCut })"
    >
      Not cut yet <b class="num">{{ notCut.toLocaleString('en') }}</b>
    </button>
    <button
      v-for="chip in chips"
      :key="chip.flag"
      class="chip"
      :class="{ on: sieve.flags.includes(chip.flag) }"
      :aria-pressed="sieve.flags.includes(chip.flag)"
      :title="chip.hint"
      @click="turn(chip.flag)"
    >
      {{ chip.label }} <b class="num">{{ chip.count.toLocaleString('en') }}</b>
    </button>
    <button
      v-if="removed > 0 || removedShown"
      class="chip"
      :class="{ on: removedShown }"
      :aria-pressed="removedShown"
      @click="removedShown = !removedShown"
    >
      Taken out <b class="num">{{ removed.toLocaleString('en') }}</b>
    </button>
    <span class="rest" />
    <PickOne
      v-if="formats.length > 1"
      :value="sieve.format ?? undefined"
      :options="formats"
      allow-clear
      size="small"
      placeholder="Any format"
      label="Format"
      class="select"
      @change="(v) => set({ format: (v as string | undefined) ?? null })"
    />
    <PickOne
      v-if="groups.length > 1"
      :value="sieve.group ?? undefined"
      :options="groups"
      allow-clear
      size="small"
      placeholder="Any group"
      label="Group"
      class="select"
      @change="(v) => set({ group: (v as string | undefined) ?? null })"
    />
    <Input
      :value="sieve.text"
      size="small"
      allow-clear
      placeholder="Name, code or folder"
      aria-label="Name, code or folder"
      class="text"
      @update:value="(v) => set({ text: String(v ?? '') })"
    />
  </div>
</template>

<style scoped>
.sieve {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}

.chip {
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--panel);
  font: 13px/20px var(--text);
  color: var(--ink);
  padding: 1px 9px;
  cursor: pointer;
}

.chip.on {
  border-color: var(--teal);
  background: var(--teal-wash);
  box-shadow: inset 0 -2px 0 var(--teal);
}

.rest {
  flex: 1;
}

.select {
  width: 136px;
}

.text {
  width: 176px;
}
</style>
