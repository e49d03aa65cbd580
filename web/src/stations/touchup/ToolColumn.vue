<script setup lang="ts">
import type { Settings, ToolName } from './tools/settings'
import ToolIcon from './ToolIcon.vue'

/** The bench's tools, by task. */
const tool = defineModel<ToolName>('tool', { required: true })
const props = defineProps<{ settings: Settings }>()

interface Entry {
  tool: ToolName
  icon: string
  label: string
  key: string
  mode?: 'erase' | 'restore'
}
const GROUPS: { name: string; entries: Entry[] }[] = [
  {
    name: 'Brush',
    entries: [
      { tool: 'brush', mode: 'erase', icon: 'erase', label: 'Erase', key: 'E' },
      { tool: 'brush', mode: 'restore', icon: 'restore', label: 'Restore', key: 'R' },
      { tool: 'strand', icon: 'strand', label: 'Strand', key: 'S' },
      { tool: 'trace', icon: 'trace', label: 'Trace', key: 'L' },
    ],
  },
  {
    name: 'Area',
    entries: [
      { tool: 'area', icon: 'area', label: 'Shape', key: 'A' },
      { tool: 'pick', icon: 'pick', label: 'Colour pick', key: 'G' },
      { tool: 'subject', icon: 'subject', label: 'Box a subject', key: 'U' },
      { tool: 'take', icon: 'take', label: 'Take from', key: 'K' },
    ],
  },
  { name: 'Hint', entries: [{ tool: 'hint', icon: 'hint', label: 'Mark and re-solve', key: 'H' }] },
  { name: 'Edge', entries: [{ tool: 'edge', icon: 'edge', label: 'Edge', key: 'D' }] },
]

function isOn(entry: Entry): boolean {
  return tool.value === entry.tool && (!entry.mode || entry.mode === props.settings.mode)
}

const emit = defineEmits<{ choose: [tool: ToolName, mode?: 'erase' | 'restore'] }>()
</script>

<template>
  <section class="tools" aria-label="Tools">
    <template v-for="group in GROUPS" :key="group.name">
      <h2>{{ group.name }}</h2>
      <button
        v-for="entry in group.entries"
        :key="entry.label"
        class="tool"
        :class="{ on: isOn(entry) }"
        :aria-pressed="isOn(entry)"
        @click="emit('choose', entry.tool, entry.mode)"
      >
        <ToolIcon :kind="entry.icon" />
        <span>{{ entry.label }}</span>
        <kbd>{{ entry.key }}</kbd>
      </button>
    </template>
  </section>
</template>

<style scoped>
.tools {
  width: 148px;
  background: var(--panel);
  border-right: 1px solid var(--line);
  padding: 8px 10px;
  display: flex;
  flex-direction: column;
  gap: 2px;
  overflow: auto;
}

h2 {
  margin: 8px 0 2px 6px;
}

.tool {
  display: grid;
  grid-template-columns: 18px 1fr auto;
  gap: 9px;
  align-items: center;
  padding: 4px 6px;
  border: 0;
  border-radius: 6px;
  background: none;
  font: inherit;
  font-size: 13px;
  line-height: 17px;
  color: inherit;
  text-align: left;
  cursor: pointer;
}

.tool.on {
  background: var(--teal);
  color: #fff;
}

.tool.on kbd {
  background: #ffffff22;
  border-color: #ffffff55;
  color: #fff;
}
</style>
