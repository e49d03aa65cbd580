<script setup lang="ts">
import { useEventListener, useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useBatchEvents } from '../api/batchEvents'
import { useBatch, usePictures, useServerUploads, useSpecs } from '../api/queries'
import { useUploads } from '../api/uploads'
import { useFileDrop } from '../stations/intake/useFileDrop'
import { sentenceOf } from '../api/client'
import HouseMark from './HouseMark.vue'
import KeySheet from './KeySheet.vue'
import LineNav from './LineNav.vue'
import { beingCut, STATIONS } from './stations'
import { provideBench } from './useBench'
import { useFreeKeysAfterClicks, useKeys } from './useKeys'

const route = useRoute()
const router = useRouter()
const batchId = ref(Number(route.params.id))
watch(
  () => route.params.id,
  (id) => {
    if (id !== undefined) batchId.value = Number(id)
  },
)
const batch = useBatch(batchId)
/** At Deliver the plan goes first: thousands of pictures read beside it would make it late. */
const mayRead = ref(route.name !== 'deliver')
watch(
  () => route.name,
  () => (mayRead.value = true),
)
const list = usePictures(batchId, mayRead)
// Deliver needs them first of all, and they are small.
useSpecs(batchId)
useBatchEvents(batchId)

const uploads = useUploads()
const arrived = useServerUploads(batchId)
const { isOver } = useFileDrop((files) => {
  void uploads.add(batchId.value, files, arrived.data.value?.taken)
  void router.push({ name: 'intake', params: { id: batchId.value } })
})
useEventListener(window, 'beforeunload', (event: BeforeUnloadEvent) => {
  // What is not sent yet comes only as long as this page is open.
  if (uploads.busy) event.preventDefault()
})

const pictures = computed(() => list.data.value ?? [])
/** Who comes from the shelf comes for one picture. */
const asked = () => (route.query.picture ? Number(route.query.picture) : null)
const selectedId = ref<number | null>(asked())
watch(batchId, () => (selectedId.value = asked()))
const selected = computed(() => pictures.value.find((p) => p.id === selectedId.value))
const ticketFolded = useLocalStorage('ticket-folded', false)
const keysShown = ref(false)

provideBench({
  batchId,
  batch: computed(() => batch.data.value),
  pictures,
  selectedId,
  selected,
  loaded: computed(() => list.isSuccess.value),
  readPictures: () => (mayRead.value = true),
})

const stationName = computed(() => STATIONS.find((s) => s.name === route.name)?.label ?? '')

function go(index: number) {
  const station = STATIONS[index]
  if (station) void router.push({ name: station.name, params: { id: batchId.value } })
}

useFreeKeysAfterClicks()
useKeys({
  ...Object.fromEntries(STATIONS.map((_, i) => [String(i + 1), () => go(i)])),
  '0': () => void router.push('/'),
  '\\': () => (ticketFolded.value = !ticketFolded.value),
  '?': () => (keysShown.value = true),
})
</script>

<template>
  <div v-if="batch.data.value" class="shell" :class="{ folded: ticketFolded, over: isOver }">
    <header>
      <h1 class="heard">{{ stationName }}, {{ batch.data.value.name }}</h1>
      <HouseMark :title="batch.data.value.name" sub="Quillmoor Garden Works" />
      <LineNav :batch="batch.data.value" />
      <div class="right small quiet">
        <span v-if="beingCut(batch.data.value) > 0">
          {{ beingCut(batch.data.value).toLocaleString('en') }}
          {{ batch.data.value.paused ? 'paused' : 'being cut' }}
        </span>
        <button class="plain" aria-label="Show the keys" @click="keysShown = true">
          <kbd>?</kbd>
        </button>
      </div>
    </header>
    <RouterView v-slot="{ Component }">
      <component :is="Component" :key="batchId" />
    </RouterView>
    <KeySheet v-model:open="keysShown" />
  </div>
  <div v-else-if="!batch.error.value" class="shell" aria-busy="true">
    <header><HouseMark title="…" sub="Quillmoor Garden Works" /></header>
    <main class="coming">
      <i v-for="k in 3" :key="k" />
    </main>
  </div>
  <main v-else class="sorry">
    <h1>{{ sentenceOf(batch.error.value) }}</h1>
    <RouterLink to="/">Back to the floor</RouterLink>
  </main>
</template>

<style scoped>
.shell {
  height: 100%;
  display: grid;
  grid-template-rows: 64px minmax(0, 1fr);
}

header {
  display: grid;
  grid-template-columns: 232px minmax(0, 1fr) 150px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  background: var(--panel);
}

.right {
  display: flex;
  justify-content: flex-end;
  align-items: center;
  gap: 12px;
  padding-right: 16px;
}

.plain {
  border: 0;
  background: none;
  padding: 0;
  cursor: pointer;
}

.shell.over::after {
  content: 'Drop: into this batch';
  position: fixed;
  inset: 64px 0 0;
  z-index: 20;
  display: grid;
  place-items: center;
  font: 600 18px/24px var(--text);
  color: var(--teal);
  background: rgb(227 237 234 / 82%);
  box-shadow: inset 0 0 0 3px var(--teal);
  pointer-events: none;
}

/* The frame of a station whose batch is not known yet. */
.coming {
  padding: 22px 28px;
  display: grid;
  align-content: start;
  gap: 10px;
}

.coming i {
  height: 92px;
  border-radius: 8px;
  background: var(--line-soft);
}

.folded :deep(.ticket) {
  display: none;
}

.sorry {
  padding: 60px;
  display: grid;
  gap: 12px;
  text-decoration: underline;
}

@media (max-width: 1180px) {
  header {
    grid-template-columns: 170px minmax(0, 1fr) 90px;
  }
}
</style>
