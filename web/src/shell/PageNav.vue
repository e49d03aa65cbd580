<script setup lang="ts">
import HouseMark from './HouseMark.vue'

/** The head of the pages that stand above all batches. */
const PAGES = [
  { name: 'floor', label: 'Floor' },
  { name: 'shelf', label: 'Shelf' },
]
</script>

<template>
  <header>
    <HouseMark title="Able Batch" sub="Quillmoor Garden Works" />
    <nav aria-label="Pages">
      <RouterLink
        v-for="page in PAGES"
        :key="page.name"
        :to="{ name: page.name }"
        exact-active-class="here"
      >
        {{ page.label }}
      </RouterLink>
    </nav>
    <slot />
  </header>
</template>

<style scoped>
header {
  display: grid;
  grid-template-columns: 232px auto minmax(0, 1fr);
  height: 64px;
  align-items: center;
  background: var(--panel);
  border-bottom: 1px solid var(--line);
}

nav {
  display: flex;
  gap: 22px;
}

nav a {
  line-height: 61px;
  color: var(--quiet);
  font-weight: 600;
  border-bottom: 2px solid transparent;
}

nav a:hover {
  color: var(--teal);
}

nav a.here {
  color: var(--ink);
  border-bottom-color: var(--teal);
}
</style>
