<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import PictureFacts from '../../shell/PictureFacts.vue'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import { imageAt } from '../../stage/images'
import CheckActs from './CheckActs.vue'
import CheckStage from './CheckStage.vue'
import CompareView from './CompareView.vue'
import ContactSheet from './ContactSheet.vue'
import FindingList from './FindingList.vue'
import LastSaid from './LastSaid.vue'
import QualityPage from './QualityPage.vue'
import RecutDialog from './RecutDialog.vue'
import RemarkDialog from './RemarkDialog.vue'
import RiskQueue from './RiskQueue.vue'
import SamplePanel from './SamplePanel.vue'
import SamplingDialog from './SamplingDialog.vue'
import { useJudging } from './useJudging'
import { useSampling } from './useSampling'

const JUDGED = ['passed', 'in-touch-up', 'rejected', 'delivered']
const { batchId, batch, pictures, selected, selectedId, loaded } = useBench()
const router = useRouter()
const backdrop = useLocalStorage('check-backdrop', '#8e8e8c')
const recutAsked = ref(false)
const remarkAsked = ref(false)
/** What the work area shows. */
const view = ref<'stage' | 'sheet' | 'compare' | 'quality'>('stage')
/** What the contact sheet would pass. */
const sheetChoice = shallowRef<{ some: Picture[]; words: string }>({ some: [], words: '' })
const chosen = ref<number | null>(null)
const allDrawn = ref(false)

const { current: sampling, recorded, inSample, ...sampled } = useSampling(batchId, pictures)
const samplingAsked = ref(false)
const waiting = computed(() => pictures.value.filter((p) => p.state === 'to-check'))
/** What an accepted sample speaks for. */
const others = computed(() => waiting.value.filter((p) => !inSample.value.has(p.id)))
/** While a sample decides, only its pictures are looked at. */
const queue = computed(() =>
  waiting.value
    .filter((p) => sampling.value?.verdict !== 'open' || inSample.value.has(p.id))
    .sort((a, b) => (a.confidence ?? 0) - (b.confidence ?? 0) || a.place - b.place),
)
const judged = computed(() => pictures.value.filter((p) => JUDGED.includes(p.state)).length)
const shown = computed(() => (selected.value?.versionId != null ? selected.value : undefined))

/** Begins with the first, and goes on by itself when new work comes after the last was done. */
watch(
  [loaded, queue],
  ([, now], [, before]) => {
    const wasEmpty = !before?.length && shown.value?.state !== 'to-check'
    if ((shown.value === undefined || wasEmpty) && now[0]) selectedId.value = now[0].id
  },
  { immediate: true },
)

/** A sample that was just drawn begins at its riskiest picture. */
watch(
  () => sampling.value?.drawnAt,
  () => {
    if (sampling.value?.verdict === 'open' && !inSample.value.has(selectedId.value ?? -1)) {
      selectedId.value = queue.value[0]?.id ?? selectedId.value
    }
  },
)

const chosenFinding = computed(() =>
  chosen.value === null ? null : (shown.value?.findings[chosen.value] ?? null),
)
const { judge, takeBack, passMany, recut, canTakeBack, painted, readyId, busy, word } = useJudging({
  batchId,
  shown,
  queue,
  selectedId,
  finding: chosenFinding,
})
const look = computed(() => {
  const css = batch.value?.look.backdrop ?? ''
  return css.startsWith('#') ? css : null
})
watch(
  selectedId,
  () => {
    chosen.value = null
    allDrawn.value = false
  },
  { flush: 'sync' },
)

/** The next two are decoded while somebody looks at this one. */
watch(
  () => [selectedId.value, queue.value.length],
  () => {
    const i = queue.value.findIndex((p) => p.id === selectedId.value)
    for (const p of queue.value.slice(i + 1, i + 3)) {
      imageAt(addressOf.cutoutPreview(p)).catch(() => undefined)
      imageAt(addressOf.preview(p)).catch(() => undefined)
    }
  },
)

function openOne(id: number) {
  view.value = 'stage'
  selectedId.value = id
}

function dress() {
  void router.push({ name: 'dress', params: { id: batchId.value } })
}

/** From the stage to something else and back, with the same key. */
const toggle = (other: typeof view.value) => (event: KeyboardEvent) => {
  if (event.repeat) return
  if (view.value === other) view.value = 'stage'
  else if (view.value === 'stage') view.value = other
}

/** Keys for the one picture on the stage; a key that is held down is no verdict. */
const onStage = (act: () => void) => (event: KeyboardEvent) => {
  if (view.value === 'stage' && !event.repeat && shown.value) act()
}

useKeys({
  Enter: (event) => {
    if (event.repeat) return
    if (view.value === 'sheet') void passMany(sheetChoice.value.some)
    else if (view.value === 'stage') judge('pass')
  },
  Escape: () => {
    if (view.value !== 'compare') view.value = 'stage'
  },
  q: toggle('quality'),
  t: onStage(() => judge('touch-up')),
  'Shift+t': onStage(() => (remarkAsked.value = true)),
  x: onStage(() => judge('reject')),
  r: onStage(() => (recutAsked.value = true)),
  m: onStage(() => (view.value = 'compare')),
  c: toggle('sheet'),
  i: () => (samplingAsked.value = !sampling.value),
  'Ctrl+z': () => void takeBack(),
})
</script>

<template>
  <StationFrame>
    <ContactSheet
      v-if="view === 'sheet'"
      v-model:backdrop="backdrop"
      :queue="queue"
      :look="look"
      :trusted-from="batch?.trustedFrom ?? 100"
      class="whole"
      @choose="(some, words) => (sheetChoice = { some, words })"
      @open="openOne"
    />
    <QualityPage
      v-else-if="view === 'quality' && batch"
      :batch="batch"
      :pictures="pictures"
      :recorded="recorded"
    />
    <CompareView
      v-else-if="view === 'compare' && shown"
      :key="shown.id"
      v-model:backdrop="backdrop"
      :picture="shown"
      :look="look"
      @close="view = 'stage'"
    />
    <div v-else class="check" :data-ready="readyId">
      <RiskQueue
        v-model:selected-id="selectedId"
        :queue="queue"
        :judged="judged"
        :total="judged + queue.length"
      />
      <CheckStage
        v-if="shown"
        v-model:backdrop="backdrop"
        v-model:chosen="chosen"
        v-model:all-drawn="allDrawn"
        :picture="shown"
        :look="look"
        @painted="painted"
      />
      <div v-else class="empty">
        <template v-if="loaded">
          <b>Nothing waits to be checked.</b>
          <span class="quiet">Cutouts arrive here as soon as they are made.</span>
        </template>
      </div>
    </div>
    <template #ticket>
      <SamplePanel
        v-if="sampling"
        :sampling="sampling"
        :others="others.length"
        :batch-id="batchId"
        :busy="busy"
        @pass-others="passMany(others)"
        @end="sampled.end"
      />
      <PictureFacts
        v-if="shown && (view === 'stage' || view === 'compare')"
        :picture="shown"
        brief
      />
      <FindingList
        v-if="shown && (view === 'stage' || view === 'compare')"
        :picture="shown"
        :chosen="chosen"
        :all-drawn="allDrawn"
        @choose="chosen = $event"
        @draw-all="allDrawn = $event"
      />
      <TicketFacts v-if="batch" :batch="batch" />
    </template>
    <template #acts>
      <div aria-live="polite"><LastSaid v-if="word" :word="word" /></div>
      <CheckActs
        v-if="shown || view !== 'stage'"
        :view="view"
        :can-take-back="canTakeBack"
        :many="queue.length > 1"
        :sampling="!!sampling"
        :sheet-words="sheetChoice.words"
        :sheet-count="sheetChoice.some.length"
        :busy="busy"
        @judge="judge($event)"
        @recut="recutAsked = true"
        @sample="samplingAsked = true"
        @take-back="takeBack"
        @pass-sheet="passMany(sheetChoice.some)"
        @show="view = $event"
      />
      <Button v-if="loaded && queue.length === 0" @click="dress">Dress what is passed →</Button>
    </template>
  </StationFrame>
  <SamplingDialog v-model:open="samplingAsked" :plan="sampled.plan" @draw="sampled.draw" />
  <RemarkDialog
    v-model:open="remarkAsked"
    :finding="chosenFinding"
    @send="(text) => judge('touch-up', text)"
  />
  <RecutDialog v-model:open="recutAsked" @choose="recut" />
</template>

<style scoped>
.whole {
  height: 100%;
}

.check {
  height: 100%;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
}

.empty {
  display: grid;
  place-content: center;
  gap: 4px;
  text-align: center;
}
</style>
