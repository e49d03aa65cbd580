<script setup lang="ts">
import { computed } from 'vue'
import type { Shape } from './shapes'

/** A state as a shape: readable without colour. */
const props = defineProps<{ shape: Shape; label?: string }>()
const stroked = computed(() => ({ fill: 'none', stroke: 'currentColor', 'stroke-width': 1.8 }))
const hidden = computed(() => (props.label ? undefined : true))
</script>

<template>
  <svg
    class="shape"
    viewBox="0 0 14 14"
    :role="label ? 'img' : undefined"
    :aria-label="label"
    :aria-hidden="hidden"
  >
    <circle v-if="shape === 'ring'" cx="7" cy="7" r="5" v-bind="stroked" />
    <template v-else-if="shape === 'half'">
      <circle cx="7" cy="7" r="5" v-bind="stroked" />
      <path d="M7 2a5 5 0 0 1 0 10z" fill="currentColor" />
    </template>
    <path v-else-if="shape === 'diamond'" d="M7 1.2 12.8 7 7 12.8 1.2 7z" v-bind="stroked" />
    <path v-else-if="shape === 'bar'" d="M4.6 2.5h7.2l-2.4 9H2.2z" v-bind="stroked" />
    <circle v-else-if="shape === 'disc'" cx="7" cy="7" r="5.4" fill="currentColor" />
    <template v-else-if="shape === 'tick'">
      <rect x="1.6" y="1.6" width="10.8" height="10.8" rx="1.5" fill="currentColor" />
      <path d="m4.2 7.2 2 2 3.8-4.2" fill="none" stroke="var(--panel)" stroke-width="1.6" />
    </template>
    <path v-else-if="shape === 'cross'" d="m2.5 2.5 9 9m0-9-9 9" v-bind="stroked" />
    <rect v-else-if="shape === 'square'" x="2" y="2" width="10" height="10" v-bind="stroked" />
    <g v-else v-bind="stroked">
      <circle cx="7" cy="7" r="5" />
      <path d="m3.4 3.4 7.2 7.2" />
    </g>
  </svg>
</template>

<style scoped>
.shape {
  width: 14px;
  height: 14px;
  flex: none;
  display: block;
}
</style>
