<script setup lang="ts">
import { useRoute } from 'vue-router'
import type { Batch } from '../api/types'
import StateShape from '../theme/StateShape.vue'
import { beingCut, STATIONS } from './stations'

/** The line: six stops on a track, each with its shape, its name and how many wait there. */
defineProps<{ batch: Batch }>()
const route = useRoute()
</script>

<template>
  <nav class="track" aria-label="The line">
    <template v-for="(station, i) in STATIONS" :key="station.name">
      <i v-if="i > 0" class="rail" :class="{ flow: i === 1 && beingCut(batch) > 0 }" />
      <RouterLink
        :to="{ name: station.name, params: { id: batch.id } }"
        class="stop"
        :class="{ on: route.name === station.name }"
        :aria-current="route.name === station.name ? 'step' : undefined"
        :title="`Key ${i + 1}`"
      >
        <StateShape :shape="station.shape" />
        <span class="label">{{ station.label }}</span>
        <span class="num" :data-count="station.name">{{
          station.count(batch).toLocaleString('en')
        }}</span>
      </RouterLink>
    </template>
  </nav>
</template>

<style scoped>
.track {
  display: flex;
  align-items: center;
  justify-content: center;
  height: 64px;
  min-width: 0;
}

.stop {
  display: flex;
  align-items: center;
  gap: 7px;
  padding: 6px 11px;
  border-radius: 18px;
  color: var(--quiet);
  white-space: nowrap;
}

.stop .num {
  color: var(--ink);
}

.stop:hover {
  background: var(--teal-wash);
}

.stop.on {
  background: var(--teal);
  color: #fff;
  font-weight: 600;
}

.stop.on .num {
  color: #fff;
}

.rail {
  width: 16px;
  height: 2px;
  background: var(--line);
}

.rail.flow {
  background: repeating-linear-gradient(90deg, var(--teal) 0 4px, transparent 4px 7px) 0 0/7px 2px;
  animation: flow 0.7s linear infinite;
}

@keyframes flow {
  to {
    background-position: 7px 0;
  }
}

@media (max-width: 1180px) {
  .rail {
    width: 6px;
  }

  .stop {
    padding: 6px 8px;
    gap: 5px;
  }
}
</style>
