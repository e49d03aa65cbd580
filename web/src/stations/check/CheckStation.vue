<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Picture } from '../../api/types'
import PictureFacts from '../../shell/PictureFacts.vue'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import { useBench } from '../../shell/useBench'
import CheckActs from './CheckActs.vue'
import CheckStage from './CheckStage.vue'
import CompareView from './CompareView.vue'
import ContactSheet from './ContactSheet.vue'
import FindingList from './FindingList.vue'
import LastSaid from './LastSaid.vue'
import MendsDialog from './MendsDialog.vue'
import QualityPage from './QualityPage.vue'
import RecutDialog from './RecutDialog.vue'
import RemarkDialog from './RemarkDialog.vue'
import RiskQueue from './RiskQueue.vue'
import SamplePanel from './SamplePanel.vue'
import SamplingDialog from './SamplingDialog.vue'
import { useCheckKeys, type CheckView } from './useCheckKeys'
import { useJudging } from './useJudging'
import { useMends } from './useMends'
import { useRiskQueue } from './useRiskQueue'
import { useSampling } from './useSampling'

const { batchId, batch, pictures, selected, selectedId, loaded } = useBench()
const router = useRouter()
const backdrop = useLocalStorage('check-backdrop', '#8e8e8c')
const recutAsked = ref(false)
const remarkAsked = ref(false)
/** What the work area shows. */
const view = ref<CheckView>('stage')
/** What the contact sheet would pass. */
const sheetChoice = shallowRef<{ some: Picture[]; words: string }>({ some: [], words: '' })
const chosen = ref<number | null>(null)
const allDrawn = ref(false)

const { current: sampling, recorded, inSample, ...sampled } = useSampling(batchId, pictures)
const samplingAsked = ref(false)
const { others, queue, judged, shown } = useRiskQueue({
  pictures,
  selected,
  selectedId,
  loaded,
  sampling,
  inSample,
})

const chosenFinding = computed(() =>
  chosen.value === null ? null : (shown.value?.findings[chosen.value] ?? null),
)
const {
  judge,
  takeBack,
  passMany,
  recut,
  canTakeBack,
  painted,
  readyId,
  busy,
  word,
  say,
  lastWas,
} = useJudging({
  batchId,
  shown,
  queue,
  selectedId,
  finding: chosenFinding,
})
const mendsAsked = ref(false)
const mends = useMends({
  batchId,
  picture: shown,
  chosen,
  say,
  acted: () => (lastWas.value = 'mend'),
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

function openOne(id: number) {
  view.value = 'stage'
  selectedId.value = id
}

function dress() {
  void router.push({ name: 'dress', params: { id: batchId.value } })
}

function takeBackLast() {
  void (lastWas.value === 'mend' && mends.canTakeBack.value ? mends.takeBack() : takeBack())
}

useCheckKeys({
  view,
  isShown: () => shown.value !== undefined,
  judge,
  passSheet: () => passMany(sheetChoice.value.some),
  remark: () => (remarkAsked.value = true),
  recut: () => (recutAsked.value = true),
  sample: () => (samplingAsked.value = !sampling.value),
  manyMends: () => (mendsAsked.value = true),
  takeBack: takeBackLast,
  mends,
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
        :mends="mends.open.value"
        :next="mends.next.value?.finding ?? null"
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
        :safe="mends.safe.value"
        :taken="mends.taken.value"
        :busy="mends.busy.value"
        :answers="view === 'stage' && shown.state === 'to-check'"
        @choose="chosen = $event"
        @draw-all="allDrawn = $event"
        @take="mends.take"
        @take-safe="mends.takeSafe"
        @right="mends.sayRight()"
      />
      <TicketFacts v-if="batch" :batch="batch" />
    </template>
    <template #acts>
      <div aria-live="polite"><LastSaid v-if="word" :word="word" /></div>
      <CheckActs
        v-if="shown || view !== 'stage'"
        :view="view"
        :can-take-back="canTakeBack || mends.canTakeBack.value"
        :many="queue.length > 1"
        :sampling="!!sampling"
        :sheet-words="sheetChoice.words"
        :sheet-count="sheetChoice.some.length"
        :busy="busy"
        @judge="judge($event)"
        @recut="recutAsked = true"
        @sample="samplingAsked = true"
        @take-back="takeBackLast"
        @pass-sheet="passMany(sheetChoice.some)"
        @mends="mendsAsked = true"
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
  <MendsDialog
    v-model:open="mendsAsked"
    :by-ticket="batch?.takeSafeMends === true"
    :pictures="queue"
    :busy="mends.busy.value"
    @update:by-ticket="mends.letTicket"
    @take="mends.takeInAll"
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
