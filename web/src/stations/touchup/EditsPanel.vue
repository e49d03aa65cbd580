<script setup lang="ts">
import { Switch } from 'ant-design-vue'
import { computed } from 'vue'
import type { Edit } from '../../api/types'

/** Every edit as one line, newest first, each with a switch. */
const props = defineProps<{ edits: Edit[]; method: string; confidence: number | null }>()
const emit = defineEmits<{ toggle: [edit: Edit, enabled: boolean] }>()
const newestFirst = computed(() => [...props.edits].reverse())

function words(edit: Edit): string {
  const soft = Math.round(edit.brush.softness * 100)
  const strength = Math.round(edit.brush.strength * 100)
  return `${edit.brush.sizePx} px, softness ${soft}, strength ${strength}`
}
</script>

<template>
  <section class="edits">
    <h3>Edits, newest first</h3>
    <ul>
      <li v-for="edit in newestFirst" :key="edit.clientKey" :class="{ off: !edit.enabled }">
        <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
          <circle
            cx="8"
            cy="8"
            r="5.5"
            stroke="currentColor"
            stroke-width="1.6"
            :fill="edit.brush.mode === 'restore' ? 'currentColor' : 'none'"
            :stroke-dasharray="edit.brush.mode === 'erase' ? '2 2' : undefined"
          />
        </svg>
        <span>
          {{ edit.brush.mode === 'erase' ? 'Erase' : 'Restore' }}
          <small class="num">{{ words(edit) }}</small>
        </span>
        <Switch
          size="small"
          :checked="edit.enabled"
          :aria-label="edit.enabled ? 'Switch this edit off' : 'Switch this edit on'"
          @change="(on) => emit('toggle', edit, on === true)"
        />
      </li>
      <li>
        <svg width="16" height="16" viewBox="0 0 14 14" aria-hidden="true">
          <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" stroke-width="1.6" />
          <path d="M7 2a5 5 0 0 1 0 10z" fill="currentColor" />
        </svg>
        <span>
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
  grid-template-columns: 20px 1fr auto;
  gap: 9px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--line-soft);
  font-size: 13px;
  line-height: 17px;
}

li.off {
  color: var(--quiet);
}

small {
  display: block;
  color: var(--quiet);
  font-size: 11.5px;
}
</style>
