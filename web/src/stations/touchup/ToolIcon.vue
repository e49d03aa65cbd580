<script setup lang="ts">
/** One drawing for every kind of edit, in the tools and in the list alike. */
defineProps<{ kind: string }>()
</script>

<template>
  <svg
    width="16"
    height="16"
    viewBox="0 0 16 16"
    fill="none"
    stroke="currentColor"
    stroke-width="1.6"
    aria-hidden="true"
  >
    <circle v-if="kind === 'erase'" cx="8" cy="8" r="5.5" stroke-dasharray="2 2" />
    <circle v-else-if="kind === 'restore'" cx="8" cy="8" r="5.5" fill="currentColor" />
    <path
      v-else-if="kind === 'strand'"
      d="M2.5 13C3 8 6 4 10 2.5M5.5 13.5C6 9.5 8.5 6 12 4.5M8.7 14c.4-3 2-5.3 4.8-7"
    />
    <path v-else-if="kind === 'trace'" d="M2 13c2.5 0 2.5-9 6-9s3.5 9 6 9" />
    <path v-else-if="kind === 'area'" d="M4.5 3.5h9l-2.5 9h-9z" />
    <path v-else-if="kind === 'pick'" d="M3 13l5.5-5.5M8 5l3 3M10.5 2.5l3 3-2.2 2.2-3-3z" />
    <template v-else-if="kind === 'subject'">
      <rect x="2.5" y="2.5" width="11" height="11" rx="1" />
      <circle cx="8" cy="8" r="2.2" fill="currentColor" />
    </template>
    <template v-else-if="kind === 'take'">
      <rect x="2" y="2.5" width="7.5" height="7.5" />
      <rect x="6.5" y="7" width="7" height="6.5" fill="var(--panel)" />
    </template>
    <template v-else-if="kind === 'hint'">
      <circle
        v-for="[x, y] in [
          [4, 4],
          [8, 4],
          [12, 4],
          [6, 8],
          [10, 8],
          [8, 12],
        ]"
        :key="`${x}${y}`"
        :cx="x"
        :cy="y"
        r="1.2"
        fill="currentColor"
        stroke="none"
      />
    </template>
    <path v-else-if="kind === 'edge'" d="M8 2v12M2.5 8h3M13.5 8h-3" />
    <template v-else>
      <circle cx="8" cy="8" r="5.5" />
      <path d="M8 2.5a5.5 5.5 0 0 1 0 11z" fill="currentColor" stroke="none" />
    </template>
  </svg>
</template>
