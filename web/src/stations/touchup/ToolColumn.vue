<script setup lang="ts">
/** The bench's tools, by task. */
const tool = defineModel<'erase' | 'restore'>('tool', { required: true })
const TOOLS = [
  { name: 'erase', label: 'Erase', key: 'E' },
  { name: 'restore', label: 'Restore', key: 'R' },
] as const
</script>

<template>
  <aside class="tools" aria-label="Tools">
    <h3>Brush</h3>
    <button
      v-for="t in TOOLS"
      :key="t.name"
      class="tool"
      :class="{ on: tool === t.name }"
      :aria-pressed="tool === t.name"
      @click="tool = t.name"
    >
      <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
        <circle
          cx="8"
          cy="8"
          r="5.5"
          stroke="currentColor"
          stroke-width="1.6"
          :fill="t.name === 'restore' ? 'currentColor' : 'none'"
          :stroke-dasharray="t.name === 'erase' ? '2 2' : undefined"
        />
      </svg>
      <span>{{ t.label }}</span>
      <kbd>{{ t.key }}</kbd>
    </button>
    <p class="small quiet"><kbd>F</kbd> flips between the two.</p>
    <p class="small quiet">Hold <kbd>V</kbd> or the middle button to move the picture.</p>
    <p class="small quiet"><kbd>Shift</kbd> draws straight on from the last point.</p>
  </aside>
</template>

<style scoped>
.tools {
  width: 148px;
  background: var(--panel);
  border-right: 1px solid var(--line);
  padding: 12px 10px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}

h3 {
  margin: 0 0 2px 6px;
}

.tool {
  display: grid;
  grid-template-columns: 20px 1fr auto;
  gap: 8px;
  align-items: center;
  padding: 5px 6px;
  border: 0;
  border-radius: 6px;
  background: none;
  font: inherit;
  font-size: 13.5px;
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

p {
  padding: 0 6px;
  margin-top: 8px;
}
</style>
