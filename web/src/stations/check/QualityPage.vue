<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, need } from '../../api/client'
import { keys } from '../../api/queries'
import type { Batch, MendAnswers, Picture, Quality } from '../../api/types'
import { kindsIn } from './findings'

/** How good the cutouts are and how the checking goes, at a glance. */
const props = defineProps<{ batch: Batch; pictures: Picture[]; recorded: boolean }>()

const { data } = useQuery({
  queryKey: computed(() => ['quality', props.batch.id, props.batch.counts]),
  queryFn: async () =>
    (await need(
      api.GET('/api/v1/batches/{batchId}/quality', {
        params: { path: { batchId: props.batch.id } },
      }),
    )) as Quality,
  placeholderData: (before) => before,
})

const { data: answers } = useQuery({
  queryKey: computed(() => keys.answers(props.batch.id)),
  queryFn: async () =>
    (await need(
      api.GET('/api/v1/batches/{id}/mends', { params: { path: { id: props.batch.id } } }),
    )) as MendAnswers[],
})

const bands = computed(() => {
  const all = props.batch.confidences
  const most = Math.max(1, ...all)
  return all.map((count, k) => ({
    count,
    label: `${k * 10}`,
    height: `${Math.round((100 * count) / most)}%`,
  }))
})
const kinds = computed(() => {
  const all = kindsIn(props.pictures)
  const most = Math.max(1, ...all.map((k) => k.count))
  const sent = data.value?.reasons ?? {}
  const lately = data.value?.reasonsLately ?? {}
  return all.map((k) => ({
    ...k,
    width: `${(100 * k.count) / most}%`,
    sent: sent[k.kind] ?? 0,
    lately: lately[k.kind] ?? 0,
    answer: answers.value?.find((one) => one.kind === k.kind),
  }))
})
/** How often it was the reason, here and in all batches of the last 30 days; how often it was mended, or right. */
function saidOf(k: { sent: number; lately: number; answer?: MendAnswers }): string {
  const { sent, lately, answer } = k
  return [
    sent && `${sent} sent back`,
    lately > sent && `${lately} in all batches`,
    answer?.taken && `${answer.taken} mended`,
    answer?.byTicket && `${answer.byTicket} of them by the ticket`,
    answer?.right && `${answer.right} said to be right`,
  ]
    .filter(Boolean)
    .join(', ')
}
const otherReasons = computed(() => data.value?.reasons['other'] ?? 0)
const hours = computed(() => {
  const all = data.value?.hours ?? []
  const most = Math.max(1, ...all.map((h) => h.passed + h.sentBack))
  return all.slice(-12).map((h) => ({
    label: new Date(h.from).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }),
    passed: h.passed,
    sentBack: h.sentBack,
    passedWidth: `${(100 * h.passed) / most}%`,
    backWidth: `${(100 * h.sentBack) / most}%`,
  }))
})
const looked = computed(() => {
  const millis = data.value?.medianLookedMillis
  return millis == null ? 'nobody has looked yet' : `${(millis / 1000).toFixed(1)} s a picture`
})
const right = computed(() => {
  const share = data.value?.firstTimeRight
  return share == null ? 'nothing judged yet' : `${Math.round(100 * share)} % passed at first sight`
})
const record = computed(() => `/api/v1/batches/${props.batch.id}/sampling/record.html`)
</script>

<template>
  <div class="quality">
    <section class="wide">
      <h2>Confidence</h2>
      <div class="bands" role="img" aria-label="Cutouts by confidence">
        <div v-for="band in bands" :key="band.label" class="band">
          <span class="num">{{ band.count || '' }}</span>
          <i :style="{ height: band.height }" />
          <span class="num small quiet">{{ band.label }}</span>
        </div>
      </div>
    </section>
    <section>
      <h2>Findings by kind</h2>
      <p v-if="kinds.length === 0" class="quiet">Nothing that should worry you was found.</p>
      <div v-for="k in kinds" :key="k.kind" class="line">
        <span>{{ k.label }}</span>
        <span class="track"><i :style="{ width: k.width }" /></span>
        <span class="num">{{ k.count }}</span>
        <span class="small quiet">{{ saidOf(k) }}</span>
      </div>
    </section>
    <section>
      <h2>Verdicts</h2>
      <dl class="facts">
        <dt>First sight</dt>
        <dd>{{ right }}</dd>
        <dt>Time</dt>
        <dd>{{ looked }} (median)</dd>
        <dt>Passed</dt>
        <dd>
          {{ data?.verdicts['passed'] ?? 0
          }}<template v-if="data?.passedAtOnce">, {{ data.passedAtOnce }} of them at once</template>
        </dd>
        <dt>Sent back</dt>
        <dd>
          {{ data?.verdicts['in-touch-up'] ?? 0
          }}<template v-if="otherReasons">, {{ otherReasons }} without a reason named</template>
        </dd>
        <dt>Rejected</dt>
        <dd>{{ data?.verdicts['rejected'] ?? 0 }}</dd>
        <dt>Sample</dt>
        <dd>
          <a v-if="recorded" :href="record" target="_blank" rel="noopener"
            >Record of the last one</a
          >
          <span v-else class="quiet">none was drawn yet</span>
        </dd>
      </dl>
      <div v-for="hour in hours" :key="hour.label" class="line hour">
        <span class="num">{{ hour.label }}</span>
        <span class="track">
          <i :style="{ width: hour.passedWidth }" /><i
            class="back"
            :style="{ width: hour.backWidth }"
          />
        </span>
        <span class="num">{{ hour.passed }}</span>
        <span class="small quiet">{{ hour.sentBack ? `${hour.sentBack} sent back` : '' }}</span>
      </div>
    </section>
  </div>
</template>

<style scoped>
.quality {
  height: 100%;
  overflow: auto;
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-content: start;
  gap: 18px 28px;
  padding: 18px 22px;
}

.wide {
  grid-column: 1 / -1;
}

.bands {
  display: grid;
  grid-template-columns: repeat(10, 1fr);
  gap: 6px;
  height: 150px;
  margin-top: 8px;
}

.band {
  display: grid;
  grid-template-rows: 18px minmax(0, 1fr) 18px;
  text-align: center;
  font-size: 12.5px;
}

.band i {
  align-self: end;
  background: var(--teal);
  border-radius: 3px 3px 0 0;
  min-height: 1px;
}

.line {
  display: grid;
  grid-template-columns: 138px minmax(0, 1fr) 28px minmax(84px, auto);
  gap: 8px;
  align-items: center;
  font-size: 13px;
  line-height: 24px;
}

.line.hour {
  grid-template-columns: 52px minmax(0, 1fr) 34px 84px;
}

.track {
  display: flex;
  height: 8px;
  background: #e6decd;
  border-radius: 4px;
  overflow: hidden;
}

.track i {
  background: var(--ink);
}

.track .back {
  background: var(--saffron);
}

.facts {
  margin: 6px 0 10px;
}
</style>
