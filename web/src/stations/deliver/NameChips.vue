<script setup lang="ts">
import { Input } from 'ant-design-vue'
import type { NamePart } from '../../api/types'
import { NAME_PARTS } from './specs'

/** A file's name, put together from parts: press to add, press a part to take it out. */
const parts = defineModel<NamePart[]>('parts', { required: true })

function add(part: NonNullable<NamePart['part']>) {
  const more =
    part === 'text' ? { part, text: '-' } : part === 'counter' ? { part, digits: 3 } : { part }
  parts.value = [...parts.value, more]
}

function remove(index: number) {
  parts.value = parts.value.filter((_, i) => i !== index)
}

function setText(index: number, text: string) {
  parts.value = parts.value.map((p, i) => (i === index ? { ...p, text } : p))
}

const labelOf = (part: NamePart) => NAME_PARTS.find((p) => p.part === part.part)?.label ?? ''
</script>

<template>
  <section>
    <h2>File names</h2>
    <div class="now">
      <span v-for="(part, i) in parts" :key="i" class="chip">
        <Input
          v-if="part.part === 'text'"
          :value="part.text"
          size="small"
          class="text num"
          aria-label="Text in the name"
          @update:value="(t) => setText(i, String(t))"
        />
        <span v-else class="num">{{ labelOf(part) }}</span>
        <button :aria-label="`Take out ${labelOf(part)}`" @click="remove(i)">×</button>
      </span>
      <span v-if="parts.length === 0" class="small quiet">A name needs at least one part</span>
    </div>
    <div class="add">
      <button v-for="p in NAME_PARTS" :key="p.part" @click="add(p.part)">+ {{ p.label }}</button>
    </div>
  </section>
</template>

<style scoped>
.now {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 7px;
  margin: 8px 0 6px;
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
  width: 44px;
  margin-left: -4px;
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
