<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useTimeAgo } from '@vueuse/core'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Batch } from '../api/types'
import { beingCut, nextStep, STATIONS } from '../shell/stations'
import ConfidenceBars from './ConfidenceBars.vue'

/** One batch on the floor: what it is, where its pictures stand, and what to do next. */
const props = defineProps<{ batch: Batch; first: boolean }>()
const router = useRouter()
const step = computed(() => nextStep(props.batch))
const age = useTimeAgo(computed(() => props.batch.createdAt))

function open(station: string) {
  void router.push({ name: station, params: { id: props.batch.id } })
}
</script>

<template>
  <article class="row panel" :data-batch="batch.id">
    <div class="what">
      <h2>
        <RouterLink :to="{ name: step.station, params: { id: batch.id } }">{{
          batch.name
        }}</RouterLink>
      </h2>
      <span class="small quiet">{{ batch.total.toLocaleString('en') }} pictures · {{ age }}</span>
      <div class="samples">
        <img
          v-for="id in batch.samples.slice(0, 5)"
          :key="id"
          :src="`/api/v1/pictures/${id}/thumbnail?of=cutout`"
          alt=""
          loading="lazy"
        />
      </div>
    </div>
    <div class="line">
      <button
        v-for="station in STATIONS"
        :key="station.name"
        class="stop"
        :class="{
          zero: station.count(batch) === 0,
          hot: ['check', 'touch-up'].includes(station.name) && station.count(batch) > 0,
          run: station.name === 'cut' && beingCut(batch) > 0,
        }"
        @click="open(station.name)"
      >
        <span class="dot num">{{ station.count(batch).toLocaleString('en') }}</span>
        {{ station.label }}
      </button>
    </div>
    <ConfidenceBars :bands="batch.confidences" :median="batch.medianConfidence" />
    <div class="need">
      <span class="small quiet">{{ step.words }}</span>
      <Button
        :type="step.pressing && first ? 'primary' : 'default'"
        class="go"
        @click="open(step.station)"
      >
        {{ step.action }} <span aria-hidden="true">→</span>
      </Button>
    </div>
  </article>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 232px minmax(0, 1fr) 150px 172px;
  gap: 22px;
  align-items: center;
  padding: 14px 18px;
}

h2 {
  margin: 0;
  font-size: 15.5px;
  line-height: 20px;
}

.samples {
  display: flex;
  gap: 4px;
  margin-top: 8px;
  min-height: 30px;
}

.samples img {
  width: 40px;
  height: 30px;
  border-radius: 3px;
  background: #e9e2d3;
  object-fit: contain;
}

.line {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  position: relative;
}

.line::before {
  content: '';
  position: absolute;
  left: 8%;
  right: 8%;
  top: 20px;
  height: 2px;
  background: var(--line);
}

.stop {
  position: relative;
  border: 0;
  background: none;
  padding: 0;
  font: 12px/16px var(--text);
  color: var(--quiet);
  cursor: pointer;
}

.dot {
  min-width: 42px;
  width: max-content;
  height: 42px;
  padding: 0 8px;
  margin: 0 auto 4px;
  border-radius: 21px;
  background: var(--paper);
  border: 1px solid var(--line);
  display: grid;
  place-items: center;
  font-weight: 600;
  font-size: 13px;
  color: var(--ink);
}

.stop:hover .dot {
  border-color: var(--teal);
}

.stop.hot .dot {
  background: var(--saffron-wash);
  border-color: var(--saffron);
}

.stop.run .dot {
  border: 2px dashed var(--teal);
}

.stop.zero .dot {
  color: #8b8371;
  background: var(--panel);
  font-weight: 400;
}

.need {
  display: grid;
  gap: 6px;
}

.go {
  justify-content: space-between;
}

@media (max-width: 1180px) {
  .row {
    grid-template-columns: 180px minmax(0, 1fr) 140px 150px;
    gap: 12px;
  }
}
</style>
