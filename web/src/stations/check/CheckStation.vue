<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
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
import RecutDialog from './RecutDialog.vue'
import RiskQueue from './RiskQueue.vue'
import { useVerdicts } from './useVerdicts'

const JUDGED = ['passed', 'in-touch-up', 'rejected', 'delivered']
const { message } = App.useApp()
const { batchId, batch, pictures, selected, selectedId, loaded } = useBench()
const verdicts = useVerdicts()
const client = useQueryClient()
const router = useRouter()
const backdrop = useLocalStorage('check-backdrop', '#8e8e8c')
const recutAsked = ref(false)

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

function judge(verdict: Verdict) {
  const picture = shown.value
  if (!picture) return
  const i = queue.value.findIndex((p) => p.id === picture.id)
  const next = queue.value[i + 1] ?? queue.value[i - 1]
  verdicts.give(picture, verdict)
  if (next) selectedId.value = next.id
}

async function takeBack() {
  const id = await verdicts.takeBack()
  if (id !== null) selectedId.value = id
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

function dress() {
  void router.push({ name: 'dress', params: { id: batchId.value } })
}

useKeys({
  Enter: () => judge('pass'),
  t: () => judge('touch-up'),
  x: () => judge('reject'),
  r: () => {
    if (shown.value) recutAsked.value = true
  },
  'Ctrl+z': () => void takeBack(),
})
</script>

<template>
  <StationFrame>
    <div class="check">
      <RiskQueue
        v-model:selected-id="selectedId"
        :queue="queue"
        :judged="judged"
        :total="judged + queue.length"
      />
      <CheckStage v-if="shown" v-model:backdrop="backdrop" :picture="shown" />
      <div v-else class="empty">
        <template v-if="loaded">
          <b>Nothing waits to be checked.</b>
          <span class="quiet">Cutouts arrive here as soon as they are made.</span>
        </template>
      </div>
    </div>
    <template #ticket>
      <PictureFacts v-if="shown" :picture="shown" />
      <TicketFacts v-if="batch" :batch="batch" />
    </template>
    <template #acts>
      <template v-if="shown">
        <Button type="primary" @click="judge('pass')">Pass <kbd>Enter</kbd></Button>
        <div class="two">
          <Button @click="judge('touch-up')">Touch-up <kbd>T</kbd></Button>
          <Button @click="recutAsked = true">Recut… <kbd>R</kbd></Button>
          <Button danger @click="judge('reject')">Reject <kbd>X</kbd></Button>
          <Button :disabled="verdicts.given.value.length === 0" @click="takeBack">
            Undo <kbd>Ctrl Z</kbd>
          </Button>
        </div>
      </template>
      <Button v-if="loaded && queue.length === 0" @click="dress">Dress what is passed →</Button>
    </template>
  </StationFrame>
  <RecutDialog v-model:open="recutAsked" @choose="recut" />
</template>

<style scoped>
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
