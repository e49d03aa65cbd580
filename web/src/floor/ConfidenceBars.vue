<script setup lang="ts">
import { computed } from 'vue'

/** How confident the engine is in a batch's cutouts: ten bands, the doubtful half marked. */
const props = defineProps<{ bands: number[]; median: number | null }>()
const most = computed(() => Math.max(1, ...props.bands))
const below = computed(() => props.bands.slice(0, 5).reduce((a, b) => a + b, 0))
</script>

<template>
  <div class="bars small quiet">
    <svg width="140" height="34" viewBox="0 0 140 34" aria-hidden="true">
      <rect
        v-for="(n, i) in bands"
        :key="i"
        :x="i * 14"
        :y="33 - Math.max(1, (n / most) * 31)"
        width="11"
        :height="Math.max(1, (n / most) * 31)"
        :fill="n > 0 && i < 5 ? 'var(--saffron)' : 'var(--ink)'"
        :opacity="n > 0 && i < 5 ? 1 : n > 0 ? 0.55 : 0.18"
      />
    </svg>
    <span v-if="median === null">no cutout yet</span>
    <span v-else
      >confidence <span class="num">{{ median }}</span><template v-if="below > 0"
        >, <span class="num">{{ below }}</span> below <span class="num">50</span></template
      ></span
    >
  </div>
</template>

<style scoped>
.bars {
  display: grid;
  gap: 2px;
  white-space: nowrap;
}
</style>
