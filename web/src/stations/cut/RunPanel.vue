<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Batch, Picture } from '../../api/types'
import { beingCut } from '../../shell/stations'
import { timeLeft } from './timeLeft'

/** How far the run is; calm, and honest about what it does not know yet. */
const props = defineProps<{ batch: Batch; pictures: Picture[] }>()

const left = computed(() => beingCut(props.batch))
const done = computed(() => props.pictures.filter((p) => p.versionId !== null && !p.queued).length)
const failed = computed(() => props.batch.counts.failed)
const total = computed(() => left.value + done.value + failed.value)
const share = (n: number) => `${total.value === 0 ? 0 : (n / total.value) * 100}%`

/** What was left when this page first saw the run, by pixels, because large pictures take longer. */
const began = ref<{ at: number; pixels: number; pictures: number } | null>(null)
const pixelsLeft = computed(() =>
  props.pictures.filter((p) => p.queued).reduce((n, p) => n + p.width * p.height, 0),
)
watch(
  left,
  (now, before) => {
    if (now === 0) began.value = null
    else if (began.value === null || now > (before ?? 0)) {
      began.value = { at: Date.now(), pixels: pixelsLeft.value, pictures: now }
    }
  },
  { immediate: true },
)
const pace = computed(() => {
  const start = began.value
  if (!start || left.value === 0 || start.pictures === left.value) return null
  const minutes = (Date.now() - start.at) / 60_000
  return {
    perMinute: (start.pictures - left.value) / minutes,
    left: timeLeft(start.pixels - pixelsLeft.value, pixelsLeft.value, Date.now() - start.at),
  }
})
</script>

<template>
  <section v-if="total > 0" class="panel run" aria-live="polite">
    <div class="top">
      <b v-if="left > 0">Cutting {{ left.toLocaleString('en') }} pictures in the background</b>
      <b v-else>All cut that were asked for</b>
      <span class="num">{{ (done + failed).toLocaleString('en') }} of {{ total }}</span>
    </div>
    <div class="track">
      <i :style="{ width: share(done), background: 'var(--teal)' }" />
      <i :style="{ width: share(failed), background: 'var(--brick)' }" />
      <i :style="{ width: share(batch.counts.cutting) }" class="now" />
    </div>
    <div class="numbers">
      <span
        ><b>{{ done.toLocaleString('en') }}</b
        >done</span
      >
      <span
        ><b :class="{ bad: failed > 0 }">{{ failed.toLocaleString('en') }}</b
        >failed</span
      >
      <span
        ><b>{{ left.toLocaleString('en') }}</b
        >left</span
      >
      <template v-if="pace">
        <span
          ><b>{{ pace.perMinute.toFixed(1) }}</b
          >a minute</span
        >
        <span
          ><b>{{ pace.left }}</b
          >left</span
        >
      </template>
    </div>
  </section>
</template>

<style scoped>
.run {
  padding: 14px 16px;
  display: grid;
  gap: 8px;
}

.top {
  display: flex;
  justify-content: space-between;
}

.track {
  height: 12px;
  border-radius: 6px;
  background: #e9e0cd;
  display: flex;
  overflow: hidden;
}

.track i {
  transition: width 0.3s;
}

.now {
  background: repeating-linear-gradient(45deg, var(--teal) 0 4px, #e9e0cd 4px 8px);
}

.numbers {
  display: flex;
  gap: 26px;
  font-size: 13px;
  color: var(--quiet);
}

.numbers b {
  display: block;
  font: 600 15px/20px var(--mono);
  color: var(--ink);
}

.numbers b.bad {
  color: var(--brick);
}
</style>
