<script setup lang="ts">
import { computed } from 'vue'

/** A file name in its parts; a press on a part makes it the code, then the group, then nothing. */
const props = defineProps<{ example: string[] }>()
const parts = defineModel<string[]>('parts', { required: true })

const NEXT: Record<string, string> = { nothing: 'code', code: 'group', group: 'nothing' }
const shown = computed(() =>
  props.example.map((text, i) => ({ text, role: parts.value[i] ?? 'nothing' })),
)

function turn(index: number) {
  const now = shown.value.map((part) => part.role)
  now[index] = NEXT[now[index] ?? 'nothing'] ?? 'nothing'
  while (now.at(-1) === 'nothing') now.pop()
  parts.value = now
}
</script>

<template>
  <div class="parts">
    <span class="small quiet">Press a part: code, group, or nothing</span>
    <div class="row">
      <button v-for="(part, i) in shown" :key="i" :class="part.role" @click="turn(i)">
        <span class="num">{{ part.text }}</span>
        <small>{{ part.role === 'nothing' ? 'not used' : part.role }}</small>
      </button>
    </div>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 6px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

button {
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
  font: inherit;
  color: inherit;
  padding: 4px 12px;
  cursor: pointer;
  display: grid;
  justify-items: start;
}

small {
  color: var(--quiet);
}

.code {
  border-color: var(--teal);
  background: var(--teal-wash);
}

.code small {
  color: var(--teal);
  font-weight: 600;
}

.group {
  border-color: var(--saffron);
  background: var(--saffron-wash);
}

.group small {
  color: var(--saffron-ink);
  font-weight: 600;
}
</style>
