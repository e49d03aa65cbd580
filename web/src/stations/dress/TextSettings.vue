<script setup lang="ts">
import { Checkbox } from 'ant-design-vue'
import PickOne from '../../shell/PickOne.vue'
import type { Lettering, Word } from '../../look/look'
import { FAMILIES } from '../../look/parts'
import ChoiceRow from './ChoiceRow.vue'
import ColourRow from './ColourRow.vue'
import SliderRow from './SliderRow.vue'

/** What a text says, in which letters, and where its lines lie in its box. */
const props = defineProps<{ columns: string[]; palette: string[] }>()
const text = defineModel<Lettering>({ required: true })

type Piece = { label: string; word: Word }
const pieces = (): Piece[] => [
  { label: 'Words', word: { kind: 'words', text: 'Words' } },
  { label: 'Code', word: { kind: 'code' } },
  { label: 'Group', word: { kind: 'group' } },
  { label: 'File name', word: { kind: 'file-name' } },
  ...props.columns.map((name): Piece => ({ label: name, word: { kind: 'column', name } })),
]

function put(change: Partial<Lettering>) {
  text.value = { ...text.value, ...change }
}

function say(index: number, said: string) {
  put({ words: text.value.words.map((w, i) => (i === index ? { kind: 'words', text: said } : w)) })
}

function add(word: Word) {
  put({ words: [...text.value.words, word] })
}

function remove(index: number) {
  put({ words: text.value.words.filter((_, i) => i !== index) })
}

const labelOf = (word: Word) =>
  word.kind === 'column' ? word.name : word.kind === 'file-name' ? 'File name' : word.kind
</script>

<template>
  <div class="words" aria-label="What it says">
    <span v-for="(word, i) in text.words" :key="i" class="piece" :class="word.kind">
      <input
        v-if="word.kind === 'words'"
        :value="word.text"
        :size="Math.max(2, word.text.length)"
        :aria-label="`Words ${i + 1}`"
        @input="say(i, ($event.target as HTMLInputElement).value)"
      />
      <template v-else>{{ labelOf(word) }}</template>
      <button :aria-label="`Take ${labelOf(word)} out`" @click="remove(i)">×</button>
    </span>
  </div>
  <div class="add">
    <button v-for="piece in pieces()" :key="piece.label" @click="add(piece.word)">
      + {{ piece.label }}
    </button>
  </div>
  <PickOne
    label="Letters"
    class="family"
    :value="text.family"
    :options="FAMILIES"
    @change="put({ family: String($event) })"
  />
  <SliderRow
    :model-value="text.size"
    label="Size"
    :low="1"
    :high="20"
    :step="0.1"
    unit="%"
    @update:model-value="put({ size: $event, least: Math.min(text.least, $event) })"
  />
  <SliderRow
    :model-value="text.least"
    label="At least"
    :low="0.5"
    :high="text.size"
    :step="0.1"
    unit="%"
    @update:model-value="put({ least: Math.min($event, text.size) })"
  />
  <ColourRow
    :model-value="text.colour"
    label="Colour"
    :palette="palette"
    @update:model-value="put({ colour: $event })"
  />
  <ChoiceRow
    :model-value="text.across"
    label="Lines lie"
    :choices="[
      { value: 'left', label: 'Left' },
      { value: 'centre', label: 'Middle' },
      { value: 'right', label: 'Right' },
    ]"
    @update:model-value="put({ across: $event })"
  />
  <ChoiceRow
    :model-value="text.down"
    label="In the box"
    :choices="[
      { value: 'top', label: 'Top' },
      { value: 'middle', label: 'Centre' },
      { value: 'bottom', label: 'Bottom' },
    ]"
    @update:model-value="put({ down: $event })"
  />
  <SliderRow
    :model-value="text.spacing"
    label="Spacing"
    :low="-5"
    :high="40"
    :step="1"
    unit="%"
    @update:model-value="put({ spacing: $event })"
  />
  <div class="ticks">
    <Checkbox :checked="text.bold" @change="put({ bold: !text.bold })">Bold</Checkbox>
    <Checkbox :checked="text.shadow" @change="put({ shadow: !text.shadow })">Shadow</Checkbox>
    <Checkbox
      :checked="text.plate !== null"
      @change="
        put({
          plate: text.plate ? null : { colour: '#FFFFFF', padding: 1.5, round: 1, opacity: 85 },
        })
      "
    >
      Plate
    </Checkbox>
  </div>
  <template v-if="text.plate">
    <ColourRow
      :model-value="text.plate.colour"
      label="Plate"
      @update:model-value="put({ plate: text.plate && { ...text.plate, colour: $event } })"
    />
    <SliderRow
      :model-value="text.plate.opacity"
      label="Opacity"
      :low="0"
      :high="100"
      :step="1"
      unit="%"
      @update:model-value="put({ plate: text.plate && { ...text.plate, opacity: $event } })"
    />
  </template>
</template>

<style scoped>
.words {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 4px 0;
}

.piece {
  display: inline-flex;
  align-items: center;
  gap: 2px;
  border: 1px solid var(--line);
  border-radius: 5px;
  padding: 2px 2px 2px 7px;
  background: var(--teal-wash);
  font-size: 13px;
  line-height: 20px;
}

.piece.words {
  background: var(--panel);
  padding-left: 3px;
  margin: 0;
}

.piece input {
  border: 0;
  background: none;
  font: inherit;
  min-width: 24px;
  max-width: 180px;
}

.piece button {
  border: 0;
  background: none;
  color: var(--quiet);
  min-width: 24px;
  min-height: 22px;
  cursor: pointer;
}

.add {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  margin-bottom: 6px;
}

.add button {
  border: 0;
  background: none;
  padding: 2px 0;
  min-height: 24px;
  font: inherit;
  font-size: 12.5px;
  color: var(--teal);
  cursor: pointer;
}

.family {
  width: 100%;
}

.ticks {
  display: flex;
  gap: 12px;
  margin: 6px 0;
}
</style>
