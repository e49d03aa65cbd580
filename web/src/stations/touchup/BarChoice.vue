<script setup lang="ts" generic="T extends string">
/** A few words of which one is chosen. */
const value = defineModel<T>({ required: true })
defineProps<{ label: string; options: readonly { value: T; label: string; title?: string }[] }>()
</script>

<template>
  <span class="choice" role="radiogroup" :aria-label="label">
    <button
      v-for="option in options"
      :key="option.value"
      role="radio"
      :aria-checked="value === option.value"
      :class="{ on: value === option.value }"
      :title="option.title"
      :aria-label="option.title ?? option.label"
      @click="value = option.value"
    >
      {{ option.label }}
    </button>
  </span>
</template>

<style scoped>
.choice {
  display: inline-flex;
  flex-shrink: 0;
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow: hidden;
}

button {
  border: 0;
  background: var(--panel);
  font: inherit;
  font-size: 12.5px;
  line-height: 22px;
  padding: 0 8px;
  color: inherit;
  cursor: pointer;
}

button + button {
  border-left: 1px solid var(--line);
}

button.on {
  background: var(--teal);
  color: #fff;
}
</style>
