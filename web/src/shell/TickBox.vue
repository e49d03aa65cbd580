<script setup lang="ts">
/** Something that is wanted or not, with its words beside it. */
const on = defineModel<boolean>('on', { required: true })
</script>

<template>
  <label class="tick">
    <input v-model="on" type="checkbox" />
    <slot />
  </label>
</template>

<style scoped>
.tick {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 24px;
}

input {
  width: 16px;
  height: 16px;
  accent-color: var(--teal);
}
</style>
