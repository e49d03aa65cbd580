<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Picture } from '../../api/types'
import FilmStrip from '../../shell/FilmStrip.vue'
import PictureFacts from '../../shell/PictureFacts.vue'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import type { Box } from '../../stage/box'
import { beingCut } from '../../shell/stations'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import EmptySetPanel from './EmptySetPanel.vue'
import FailedList from './FailedList.vue'
import GuideList from './guide/GuideList.vue'
import GuideStage from './guide/GuideStage.vue'
import { useGuidance } from './guide/useGuidance'
import MethodPicker from './MethodPicker.vue'
import ResultWall from './ResultWall.vue'
import RunPanel from './RunPanel.vue'
import TestStrip from './TestStrip.vue'
import { useActs } from '../intake/useActs'

const { message } = App.useApp()
const { batchId, batch, pictures, selected, selectedId } = useBench()
const client = useQueryClient()
const router = useRouter()

const waiting = computed(
  () => pictures.value.filter((p) => p.state === 'waiting' && !p.queued).length,
)
const failed = computed(() => pictures.value.filter((p) => p.state === 'failed'))
const cutOut = computed(() =>
  pictures.value.filter((p) => p.versionId !== null && p.state !== 'left-whole'),
)
const toCheck = computed(() => batch.value?.counts['to-check'] ?? 0)

async function changeTicket(change: { method?: string; methodRules?: Record<string, string> }) {
  try {
    await need(
      api.PATCH('/api/v1/batches/{id}', {
        params: { path: { id: batchId.value } },
        body: change,
      }),
    )
    await client.invalidateQueries({ queryKey: keys.batch(batchId.value) })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

function choose(method: string) {
  void changeTicket({ method })
}

function chooseForGroup(group: string, method: string) {
  if (method === batch.value?.method) dropRule(group)
  else void changeTicket({ methodRules: { ...batch.value?.methodRules, [group]: method } })
}

function chooseForPicture(picture: Picture, method: string) {
  void act([picture.id], { action: 'method', method })
}

function dropRule(group: string) {
  const rules = Object.entries(batch.value?.methodRules ?? {})
  void changeTicket({ methodRules: Object.fromEntries(rules.filter(([name]) => name !== group)) })
}

const run = ref<InstanceType<typeof RunPanel> | null>(null)
const strip = ref<InstanceType<typeof TestStrip> | null>(null)
const { act } = useActs(batchId)

async function cut() {
  if (waiting.value === 0) return
  try {
    await need(api.POST('/api/v1/batches/{id}/cut', { params: { path: { id: batchId.value } } }))
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

function check() {
  void router.push({ name: 'check', params: { id: batchId.value } })
}

const guiding = ref(false)
const guide = useGuidance(selected)
const beingCutAgain = computed(() => selected.value?.queued === true)

async function cutGuided() {
  if (beingCutAgain.value || !guide.changed.value) return
  try {
    await guide.recut(null)
  } catch (error) {
    void message.warning(sentenceOf(error))
  }
}

function box(drawn: Box) {
  if (!guide.addBox(drawn)) void message.info('That box is too small to hold a subject.')
}

function guidePicture(picture: Picture) {
  selectedId.value = picture.id
  guiding.value = true
}

useKeys({
  p: () => run.value?.pauseOrResume(),
  t: () => strip.value?.begin(),
  Enter: () => void (guiding.value ? cutGuided() : waiting.value > 0 ? cut() : check()),
  g: () => {
    selectedId.value ??= cutOut.value[0]?.id ?? null
    guiding.value = selectedId.value !== null && !guiding.value
  },
  Escape: () => {
    guiding.value = false
  },
})
</script>

<template>
  <StationFrame>
    <div v-if="guiding && selected" class="guiding">
      <div class="head">
        <h2 class="title cut">{{ selected.fileName }}</h2>
        <p class="quiet">
          Drag a box round what to keep. Press a number’s box to leave that subject out, or to take
          it in.
        </p>
      </div>
      <GuideStage
        :picture="selected"
        :subjects="guide.subjects.value"
        :boxes="guide.boxes.value"
        @turn="guide.turn"
        @box="box"
      />
    </div>
    <div v-else class="cutting">
      <MethodPicker v-if="batch" :batch="batch" @choose="choose" @drop-rule="dropRule" />
      <EmptySetPanel v-if="batch" :batch="batch" />
      <TestStrip
        v-if="batch && pictures.length > 0"
        ref="strip"
        :batch="batch"
        :pictures="pictures"
        :selected="selected"
        @for-batch="choose"
        @for-group="chooseForGroup"
        @for-picture="chooseForPicture"
      />
      <RunPanel v-if="batch" ref="run" :batch="batch" :class="{ first: beingCut(batch) > 0 }" />
      <FailedList :batch-id="batchId" :pictures="failed" @guide="guidePicture" />
      <ResultWall v-model:selected-id="selectedId" :pictures="cutOut" />
    </div>
    <template #film>
      <FilmStrip v-model:selected-id="selectedId" :pictures="pictures" cutout />
    </template>
    <template #ticket>
      <TicketFacts v-if="batch" :batch="batch" />
      <PictureFacts v-if="selected" :picture="selected" />
      <GuideList
        v-if="guiding && selected"
        :subjects="guide.subjects.value"
        :boxes="guide.boxes.value"
        @turn="guide.turn"
        @remove-box="guide.removeBox"
      />
    </template>
    <template v-if="guiding && selected" #acts>
      <Button @click="guiding = false">Back to the run <kbd>Esc</kbd></Button>
      <Button
        type="primary"
        :disabled="!guide.changed.value || beingCutAgain"
        :loading="beingCutAgain"
        @click="cutGuided"
      >
        {{ beingCutAgain ? 'Being cut' : 'Cut again' }} <kbd>Enter</kbd>
      </Button>
    </template>
    <template v-else #acts>
      <Button v-if="selected" @click="guiding = true">Guide this picture <kbd>G</kbd></Button>
      <Button v-if="toCheck > 0" :type="waiting > 0 ? 'default' : 'primary'" @click="check">
        Check the {{ toCheck.toLocaleString('en') }} that are done <kbd>3</kbd>
      </Button>
      <Button v-if="waiting > 0" type="primary" @click="cut">
        Cut {{ waiting.toLocaleString('en') }} <kbd>Enter</kbd>
      </Button>
    </template>
  </StationFrame>
</template>

<style scoped>
.cutting {
  padding: 18px 22px;
  display: grid;
  gap: 14px;
}

/* While a run goes on, how far it is comes before what could be changed. */
.first {
  order: -2;
}

/* A strip that is laid out is where a method is chosen. */
.laid {
  order: -1;
}

.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
}

.guiding {
  height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: 12px;
  padding: 16px 0 0;
}

.guiding /* While a run goes on, how far it is comes before what could be changed. */
.first {
  order: -2;
}

/* A strip that is laid out is where a method is chosen. */
.laid {
  order: -1;
}

.head {
  padding: 0 22px;
}
</style>
