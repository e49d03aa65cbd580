<script setup lang="ts">
import { Switch } from 'ant-design-vue'
import { computed } from 'vue'
import type { Edit } from '../../api/types'
import { detailsOf, iconOf, titleOf } from './editWords'
import ToolIcon from './ToolIcon.vue'
import { elsewhereWords } from './useSpread'

/** Every edit as one line, newest first: a look at the place, a switch, its order, and away with it. */
const props = defineProps<{
  edits: Edit[]
  method: string
  confidence: number | null
  /** Address of a small picture of an edit's place. */
  lookOf: (edit: Edit) => string | null
  /** What is under way or went wrong with an edit, by its key. */
  notes: Record<string, string>
}>()
const emit = defineEmits<{
  toggle: [edit: Edit, enabled: boolean]
  shift: [edit: Edit, by: number]
  remove: [edit: Edit]
  show: [edit: Edit]
  /** Out of the other pictures that have it. */
  takeBack: [edit: Edit]
}>()
const newestFirst = computed(() => [...props.edits].reverse())
</script>

<template>
  <section class="edits">
    <h2>Edits, newest first</h2>
    <ul>
      <li
        v-for="(edit, k) in newestFirst"
        :key="edit.clientKey"
        :class="{ off: !edit.enabled }"
        tabindex="0"
        @click="emit('show', edit)"
        @keydown.delete="emit('remove', edit)"
        @keydown.alt.up.prevent="emit('shift', edit, 1)"
        @keydown.alt.down.prevent="emit('shift', edit, -1)"
      >
        <span class="look">
          <img v-if="lookOf(edit)" :src="lookOf(edit) ?? ''" alt="" />
          <ToolIcon :kind="iconOf(edit.edit)" />
        </span>
        <span class="words">
          {{ titleOf(edit.edit) }}
          <small v-if="edit.problem" class="problem">{{ edit.problem }}</small>
          <small v-else class="num">
            {{
              [edit.byTicket && 'by the ticket', detailsOf(edit.edit)].filter(Boolean).join(', ')
            }}
          </small>
          <small v-if="notes[edit.clientKey]" class="elsewhere">{{ notes[edit.clientKey] }}</small>
          <small v-else-if="edit.elsewhere" class="elsewhere" data-elsewhere>
            {{ elsewhereWords(edit.elsewhere) }}
            <button v-if="edit.elsewhere.open > 0" @click.stop="emit('takeBack', edit)">
              Take back there
            </button>
          </small>
        </span>
        <span class="acts">
          <button
            v-if="k > 0"
            title="Carry it out later (Alt ↑)"
            aria-label="Carry it out later"
            @click.stop="emit('shift', edit, 1)"
          >
            ↑
          </button>
          <button
            v-if="k < newestFirst.length - 1"
            title="Carry it out earlier (Alt ↓)"
            aria-label="Carry it out earlier"
            @click.stop="emit('shift', edit, -1)"
          >
            ↓
          </button>
          <button
            title="Take it out (Del)"
            aria-label="Take it out"
            @click.stop="emit('remove', edit)"
          >
            ×
          </button>
        </span>
        <Switch
          size="small"
          :checked="edit.enabled"
          :aria-label="edit.enabled ? 'Switch this edit off' : 'Switch this edit on'"
          @click.stop
          @change="(on) => emit('toggle', edit, on === true)"
        />
      </li>
      <li>
        <span class="look"><ToolIcon kind="automatic" /></span>
        <span class="words">
          Automatic: {{ method }}
          <small class="num">confidence {{ confidence ?? '–' }}</small>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.edits {
  min-height: 80px;
  display: flex;
  flex-direction: column;
}

ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  overflow: auto;
}

li {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) auto auto;
  gap: 9px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--line-soft);
  font-size: 13px;
  line-height: 17px;
}

li.off {
  color: var(--quiet);
}

.look {
  position: relative;
  width: 34px;
  height: 34px;
  display: grid;
  place-content: center;
}

.look img {
  position: absolute;
  inset: 0;
  width: 34px;
  height: 34px;
  object-fit: cover;
  border-radius: 4px;
  background: var(--stage);
}

.look img + svg {
  position: absolute;
  right: -4px;
  bottom: -3px;
  background: var(--panel);
  border-radius: 4px;
  padding: 1px;
}

.words {
  min-width: 0;
}

small {
  display: block;
  color: var(--quiet);
  font-size: 11.5px;
}

small.problem {
  color: var(--brick);
}

.elsewhere button {
  border: 0;
  padding: 2px 0;
  background: none;
  font: inherit;
  color: var(--teal);
  text-decoration: underline;
  cursor: pointer;
}

.acts {
  display: none;
  gap: 2px;
}

li:hover .acts,
li:focus-within .acts {
  display: inline-flex;
}

.acts button {
  border: 1px solid var(--line);
  background: var(--panel);
  border-radius: 4px;
  width: 20px;
  height: 20px;
  line-height: 16px;
  padding: 0;
  cursor: pointer;
}
</style>
