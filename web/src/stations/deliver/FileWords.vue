<script setup lang="ts">
import { ref } from 'vue'
import type { FileWords, NamePart } from '../../api/types'
import { sayingOf } from '../../spec/words'
import PartChips from './PartChips.vue'

/** What is written into every file, put together from parts; nothing of the photograph's own is kept. */
const words = defineModel<FileWords>('words', { required: true })
defineProps<{ columns: string[] }>()

const FIELDS: { key: keyof FileWords; label: string }[] = [
  { key: 'title', label: 'Title' },
  { key: 'description', label: 'Description' },
  { key: 'author', label: 'Author' },
  { key: 'copyright', label: 'Copyright' },
  { key: 'keywords', label: 'Keywords' },
]
const OFFERED: NonNullable<NamePart['part']>[] = [
  'code',
  'group',
  'original-name',
  'column',
  'text',
]
const open = ref<keyof FileWords | null>(null)

function set(key: keyof FileWords, parts: NamePart[]) {
  words.value = { ...words.value, [key]: parts }
}
</script>

<template>
  <section>
    <h2>Words in each file</h2>
    <div v-for="f in FIELDS" :key="f.key" class="field" :data-words="f.key">
      <button
        class="row"
        :aria-expanded="open === f.key"
        @click="open = open === f.key ? null : f.key"
      >
        <span class="quiet">{{ f.label }}</span>
        <span class="cut says" :class="{ none: !words[f.key]?.length }">
          {{ sayingOf(words[f.key] ?? []) || 'nothing' }}
        </span>
      </button>
      <PartChips
        v-if="open === f.key"
        :parts="words[f.key] ?? []"
        :offered="OFFERED"
        :columns="columns"
        empty="Nothing is written"
        text=""
        @update:parts="set(f.key, $event)"
      />
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 4px;
}

.row {
  display: grid;
  grid-template-columns: 82px minmax(0, 1fr);
  width: 100%;
  border: 0;
  background: none;
  padding: 2px 0;
  font: 13px/20px var(--text);
  text-align: left;
  cursor: pointer;
}

.says {
  color: var(--teal);
}

.says.none {
  color: var(--quiet);
}
</style>
