<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { addressOf } from '../../api/addresses'
import { api, need, sentenceOf } from '../../api/client'
import { showPicture } from '../../api/queries'
import type { Picture, Verdict } from '../../api/types'
import PictureFacts from '../../shell/PictureFacts.vue'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import { imageAt } from '../../stage/images'
import CheckStage from './CheckStage.vue'
import ContactSheet from './ContactSheet.vue'
import FindingList from './FindingList.vue'
import RecutDialog from './RecutDialog.vue'
import RemarkDialog from './RemarkDialog.vue'
import RiskQueue from './RiskQueue.vue'
import { remarkWith } from './remark'
import { useLooked } from './useLooked'
import { useTogether } from './useTogether'
import { useVerdicts } from './useVerdicts'

const JUDGED = ['passed', 'in-touch-up', 'rejected', 'delivered']
const { message } = App.useApp()
const { batchId, batch, pictures, selected, selectedId, loaded } = useBench()
const verdicts = useVerdicts()
const client = useQueryClient()
const router = useRouter()
const backdrop = useLocalStorage('check-backdrop', '#8e8e8c')
const recutAsked = ref(false)
const remarkAsked = ref(false)
const sheet = ref(false)
/** What the contact sheet would pass. */
const sheetChoice = shallowRef<{ some: Picture[]; words: string }>({ some: [], words: '' })
const { painted, looked, readyId } = useLooked(() => selectedId.value)
const together = useTogether(() => batchId.value)
/** What Ctrl Z takes back next. */
const lastWas = ref<'one' | 'many'>('one')
const chosen = ref<number | null>(null)

const queue = computed(() =>
  pictures.value
    .filter((p) => p.state === 'to-check')
    .sort((a, b) => (a.confidence ?? 0) - (b.confidence ?? 0) || a.place - b.place),
)
const judged = computed(() => pictures.value.filter((p) => JUDGED.includes(p.state)).length)
const shown = computed(() => (selected.value?.versionId != null ? selected.value : undefined))

watch(
  [loaded, queue],
  () => {
    if (shown.value === undefined && queue.value[0]) selectedId.value = queue.value[0].id
  },
  { immediate: true },
)

const chosenFinding = computed(() =>
  chosen.value === null ? null : (shown.value?.findings[chosen.value] ?? null),
)
const look = computed(() => {
  const css = batch.value?.look.backdrop ?? ''
  return css.startsWith('#') ? css : null
})
watch(selectedId, () => (chosen.value = null), { flush: 'sync' })

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

function judge(verdict: Verdict, text = '') {
  const picture = shown.value
  if (!picture || picture.state === 'cutting') return
  const lookedMillis = looked(picture.id)
  if (lookedMillis === null) {
    void message.info({
      key: 'too-quick',
      content: `“${picture.fileName}” has only just appeared; nothing was recorded for it`,
    })
    return
  }
  const i = queue.value.findIndex((p) => p.id === picture.id)
  const next = queue.value[i + 1] ?? queue.value[i - 1]
  verdicts.give(picture, verdict, {
    lookedMillis: Math.round(lookedMillis),
    ...remarkWith(verdict, text, chosenFinding.value),
  })
  lastWas.value = 'one'
  if (next) selectedId.value = next.id
}

async function takeBack() {
  if (lastWas.value === 'many') {
    await together.takeBack()
    lastWas.value = together.given.value.length ? 'many' : 'one'
    return
  }
  const id = await verdicts.takeBack()
  if (id !== null) selectedId.value = id
}

async function passMany() {
  await together.pass(sheetChoice.value.some)
  lastWas.value = 'many'
}

function openOne(id: number) {
  sheet.value = false
  selectedId.value = id
}

async function recut(method: string) {
  const picture = shown.value
  if (!picture) return
  try {
    const answer = await need(
      api.POST('/api/v1/pictures/{id}/recut', {
        params: { path: { id: picture.id } },
        body: { method },
      }),
    )
    showPicture(client, answer as Picture)
  } catch (error) {
    void message.warning(sentenceOf(error))
  }
}

const canTakeBack = computed(
  () => verdicts.given.value.length > 0 || together.given.value.length > 0,
)

function dress() {
  void router.push({ name: 'dress', params: { id: batchId.value } })
}

/** Keys for the one picture on the stage; a key that is held down is no verdict. */
const onStage = (act: () => void) => (event: KeyboardEvent) => {
  if (!sheet.value && !event.repeat && shown.value) act()
}

useKeys({
  Enter: (event) => {
    if (event.repeat) return
    if (sheet.value) void passMany()
    else judge('pass')
  },
  Escape: () => (sheet.value = false),
  t: onStage(() => judge('touch-up')),
  'Shift+t': onStage(() => (remarkAsked.value = true)),
  x: onStage(() => judge('reject')),
  r: onStage(() => (recutAsked.value = true)),
  c: (event) => {
    if (!event.repeat) sheet.value = !sheet.value
  },
  'Ctrl+z': () => void takeBack(),
})
</script>

<template>
  <StationFrame>
    <ContactSheet
      v-if="sheet"
      v-model:backdrop="backdrop"
      :queue="queue"
      :look="look"
      class="whole"
      @choose="(some, words) => (sheetChoice = { some, words })"
      @open="openOne"
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
      <PictureFacts v-if="shown && !sheet" :picture="shown" brief />
      <FindingList
        v-if="shown && !sheet"
        :picture="shown"
        :chosen="chosen"
        @choose="chosen = $event"
      />
      <TicketFacts v-if="batch" :batch="batch" />
    </template>
    <template #acts>
      <template v-if="shown && !sheet">
        <Button type="primary" @click="judge('pass')">Pass <kbd>Enter</kbd></Button>
        <div class="two">
          <Button @click="judge('touch-up')">Touch-up <kbd>T</kbd></Button>
          <Button @click="recutAsked = true">Recut… <kbd>R</kbd></Button>
          <Button danger @click="judge('reject')">Reject <kbd>X</kbd></Button>
          <Button :disabled="!canTakeBack" @click="takeBack"> Undo <kbd>Ctrl Z</kbd> </Button>
        </div>
      </template>
      <template v-if="sheet">
        <Button
          type="primary"
          :disabled="sheetChoice.some.length === 0"
          :loading="together.busy.value"
          @click="passMany"
        >
          {{ sheetChoice.words }} <kbd>Enter</kbd>
        </Button>
        <div class="two">
          <Button @click="sheet = false">One by one <kbd>C</kbd></Button>
          <Button :disabled="!canTakeBack" @click="takeBack">Undo <kbd>Ctrl Z</kbd></Button>
        </div>
      </template>
      <Button v-if="queue.length > 1 && !sheet" @click="sheet = true">
        Contact sheet <kbd>C</kbd>
      </Button>
      <Button v-if="loaded && queue.length === 0" @click="dress">Dress what is passed →</Button>
    </template>
  </StationFrame>
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

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
