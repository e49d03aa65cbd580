<script setup lang="ts">
import { Switch } from 'ant-design-vue'
import { ref } from 'vue'
import type { Part } from '../../look/look'
import { labelOf } from '../../look/parts'
import { partWords } from '../../look/words'

/** The parts of a look, back to front: chosen, switched and moved here. */
const props = defineProps<{ parts: Part[]; changedIds: string[] }>()
const selectedId = defineModel<string | null>('selectedId', { required: true })
const emit = defineEmits<{
  toggle: [part: Part]
  move: [id: string, to: number]
  remove: [id: string]
}>()
const dragged = ref<string | null>(null)
const over = ref(-1)

function step(part: Part, by: number) {
  emit('move', part.id, props.parts.indexOf(part) + by)
}

function drop(at: number) {
  if (dragged.value) {
    const from = props.parts.findIndex((p) => p.id === dragged.value)
    emit('move', dragged.value, at > from ? at - 1 : at)
  }
  dragged.value = null
  over.value = -1
}
</script>

<template>
  <div class="list" aria-label="Parts of the look" @dragover.prevent @drop="drop(parts.length)">
    <div
      v-for="(part, i) in parts"
      :key="part.id"
      class="part"
      :class="{ on: part.id === selectedId, off: !part.on, above: over === i }"
      :data-part="part.id"
      draggable="true"
      @dragstart="dragged = part.id"
      @dragend="((dragged = null), (over = -1))"
      @dragover.prevent="over = i"
      @drop.stop="drop(i)"
    >
      <i class="grip" aria-hidden="true" />
      <button
        class="name"
        :aria-pressed="part.id === selectedId"
        title="Alt with an arrow moves it; Delete takes it out"
        @click="selectedId = part.id"
        @keydown.alt.up.prevent="step(part, -1)"
        @keydown.alt.down.prevent="step(part, 1)"
        @keydown.delete.prevent="emit('remove', part.id)"
      >
        <b>{{ part.name || labelOf(part.setting.kind) }}</b>
        <small class="num"
          >{{ partWords(part) }}<em v-if="changedIds.includes(part.id)"> · own here</em></small
        >
      </button>
      <Switch
        size="small"
        :checked="part.on"
        :aria-label="`${part.name} on`"
        @change="emit('toggle', part)"
      />
    </div>
  </div>
</template>

<style scoped>
.list {
  display: flex;
  flex-direction: column;
  gap: 2px;
  overflow: auto;
  min-height: 0;
}

.part {
  display: grid;
  grid-template-columns: 10px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  padding: 5px 8px;
  border-radius: 6px;
  border-top: 2px solid transparent;
}

.part.on {
  background: var(--teal-wash);
  box-shadow: inset 3px 0 var(--teal);
}

.part.above {
  border-top-color: var(--teal);
}

.part.off b,
.part.off small {
  color: var(--quiet);
}

.grip {
  width: 8px;
  height: 14px;
  background: radial-gradient(circle, #a99d86 1.1px, transparent 1.3px) 0 0 / 4px 4.6px;
  cursor: grab;
}

.name {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  text-align: left;
  display: grid;
  cursor: pointer;
  min-width: 0;
}

b {
  font-weight: 600;
  font-size: 13.5px;
  line-height: 18px;
}

small {
  font-size: 11.5px;
  line-height: 15px;
  color: var(--quiet);
}

em {
  font-style: normal;
  color: var(--saffron-ink);
}
</style>
