<script setup lang="ts" generic="T extends string">
/** A few choices side by side. */
defineProps<{ label: string; choices: { value: T; label: string }[]; columns?: number }>()
const value = defineModel<T>({ required: true })
</script>

<template>
  <div
    class="choice"
    :class="{ grid: columns }"
    role="radiogroup"
    :aria-label="label"
    :style="columns ? { gridTemplateColumns: `repeat(${columns}, 1fr)` } : {}"
  >
    <button
      v-for="choice in choices"
      :key="choice.value"
      role="radio"
      :aria-checked="choice.value === value"
      :class="{ on: choice.value === value }"
      @click="value = choice.value"
    >
      {{ choice.label }}
    </button>
  </div>
</template>

<style scoped>
.choice {
  display: flex;
  flex-wrap: wrap;
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow: hidden;
  margin: 4px 0;
}

.choice.grid {
  display: grid;
}

.choice.grid button {
  border: 0;
  box-shadow: 0 0 0 0.5px var(--line);
}

.choice.grid button.on {
  background: var(--teal);
}

button {
  flex: 1 1 auto;
  border: 0;
  border-right: 1px solid var(--line);
  background: none;
  font: inherit;
  font-size: 12.5px;
  line-height: 18px;
  padding: 4px 7px;
  cursor: pointer;
  white-space: nowrap;
}

button:last-child {
  border-right: 0;
}

button.on {
  background: var(--teal);
  color: #fff;
  font-weight: 600;
}

button:focus-visible {
  outline: 2px solid var(--teal);
  outline-offset: -3px;
}

button.on:focus-visible {
  outline-color: #fff;
}
</style>
