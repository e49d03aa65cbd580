<script setup lang="ts">
import PickOne from './PickOne.vue'

/** Cuts by one more method, beside what is there. */
defineProps<{
  label: string
  methods: readonly { value: string; label: string }[]
  /** The method that is at work; empty = none. */
  cutting: string
  words?: string
}>()
const emit = defineEmits<{ also: [method: string] }>()
</script>

<template>
  <PickOne
    class="also"
    size="small"
    :label="label"
    :value="undefined"
    :placeholder="cutting ? 'Cutting' : (words ?? 'also by…')"
    :loading="cutting !== ''"
    :disabled="cutting !== ''"
    :options="[...methods]"
    :dropdown-match-select-width="false"
    @change="(method) => emit('also', String(method))"
  />
</template>

<style scoped>
.also {
  width: 112px;
  flex-shrink: 0;
}
</style>
