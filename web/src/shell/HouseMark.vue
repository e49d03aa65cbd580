<script setup lang="ts">
defineProps<{ title: string; sub: string }>()
</script>

<template>
  <RouterLink to="/" class="mark" title="To the floor">
    <svg width="26" height="26" viewBox="0 0 26 26" aria-hidden="true">
      <rect x="1" y="1" width="15" height="15" rx="2" fill="var(--teal)" />
      <g stroke="var(--teal)" stroke-width="1.6">
        <path d="M10 24.5h14.5V10" fill="none" />
        <path d="m11 23 12-12M15 24l9-9M19.5 24l4.5-4.5" />
      </g>
    </svg>
    <span class="words">
      <b class="cut">{{ title }}</b>
      <small class="cut">{{ sub }}</small>
    </span>
  </RouterLink>
</template>

<style scoped>
.mark {
  display: flex;
  align-items: center;
  gap: 10px;
  padding-left: 16px;
  min-width: 0;
}

.words {
  min-width: 0;
}

b {
  display: block;
  font-size: 15px;
  line-height: 18px;
}

small {
  display: block;
  color: var(--quiet);
  font-size: 12.5px;
  line-height: 16px;
}
</style>
