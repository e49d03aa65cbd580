<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../../api/client'
import { useRemoved, useServerUploads, useSpecs } from '../../api/queries'
import type { Picture } from '../../api/types'
import { useUploads, type DroppedFile } from '../../api/uploads'
import MethodDialog from '../../shell/MethodDialog.vue'
import PictureFacts from '../../shell/PictureFacts.vue'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import type { Trim } from './crop'
import ActButtons from './ActButtons.vue'
import CropDialog from './CropDialog.vue'
import IntakeHead from './IntakeHead.vue'
import IntakeFacts from './IntakeFacts.vue'
import PictureGrid from './PictureGrid.vue'
import { flagsOf, NO_SIEVE, sieved, type Sieve } from './report'
import SetsDialog from './SetsDialog.vue'
import SieveBar from './SieveBar.vue'
import UploadPanel from './UploadPanel.vue'
import { useActs } from './useActs'
import { useMarks } from './useMarks'

const { message } = App.useApp()
const { batchId, batch, pictures, selected, selectedId, loaded } = useBench()
const uploads = useUploads()
const router = useRouter()
const specs = useSpecs(batchId)
const arrived = useServerUploads(batchId)
const removedPictures = useRemoved(batchId)
const { act, remove, bringBack, swap } = useActs(batchId)

const head = ref<InstanceType<typeof IntakeHead> | null>(null)
const sieve = ref<Sieve>(NO_SIEVE)
const removedShown = ref(false)
const columns = ref(1)
const cropping = ref(false)
const askingMethod = ref(false)
const givingSets = ref(false)

const flags = computed(() => {
  const look = batch.value?.look
  if (!look) return new Map()
  const ticket = {
    specs: specs.data.value ?? [],
    look,
    coded: pictures.value.some((p) => p.code !== null),
  }
  return new Map(pictures.value.map((p) => [p.id, flagsOf(p, ticket)]))
})
const shown = computed(() =>
  removedShown.value
    ? (removedPictures.data.value ?? [])
    : sieved(pictures.value, sieve.value, flags.value),
)
const { marked, chosen, press, move, all, clear } = useMarks(shown, selectedId)
const ids = computed(() => chosen.value.map((p) => p.id))
const many = computed(() => chosen.value.length.toLocaleString('en'))
const countWords = computed(() => {
  const all = (removedShown.value ? shown.value : pictures.value).length.toLocaleString('en')
  if (removedShown.value) return all
  const part = shown.value.length < pictures.value.length
  const some = part ? `${shown.value.length.toLocaleString('en')} of ` : ''
  const uncut = waiting.value > 0 ? `, ${waiting.value.toLocaleString('en')} not cut yet` : ''
  return some + all + uncut
})
const waiting = computed(
  () => pictures.value.filter((p) => p.state === 'waiting' && !p.queued).length,
)
const allWhole = computed(
  () => chosen.value.length > 0 && chosen.value.every((p) => p.state === 'left-whole'),
)
const oneMethod = computed(() => {
  const asked = chosen.value[0]?.askedMethod ?? null
  return chosen.value.every((p) => p.askedMethod === asked) ? asked : ''
})

function take(files: DroppedFile[]) {
  void uploads.add(batchId.value, files, arrived.data.value?.taken)
}

function leaveWhole() {
  void act(ids.value, { action: allWhole.value ? 'cut-after-all' : 'leave-whole' })
}

function takeOutOrBringBack() {
  void (removedShown.value ? bringBack(ids.value) : remove(ids.value))
}

function crop(trim: Trim | null) {
  void act(ids.value, { action: 'crop', trim: trim ?? undefined })
}

async function cut() {
  if (waiting.value === 0) return
  try {
    await need(api.POST('/api/v1/batches/{id}/cut', { params: { path: { id: batchId.value } } }))
    await router.push({ name: 'cut', params: { id: batchId.value } })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

const whenChosen = (action: () => void) => () => {
  if (chosen.value.length > 0) action()
}

useKeys({
  o: () => head.value?.pick(),
  w: whenChosen(leaveWhole),
  c: whenChosen(() => (cropping.value = true)),
  m: whenChosen(() => (askingMethod.value = true)),
  s: () => (givingSets.value = true),
  Delete: whenChosen(takeOutOrBringBack),
  Backspace: whenChosen(takeOutOrBringBack),
  'Ctrl+z': () => void bringBack(),
  'Ctrl+a': all,
  Escape: clear,
  j: () => move(1, false),
  k: () => move(-1, false),
  ArrowRight: () => move(1, false),
  ArrowLeft: () => move(-1, false),
  ArrowDown: () => move(columns.value, false),
  ArrowUp: () => move(-columns.value, false),
  'Shift+ArrowRight': () => move(1, true),
  'Shift+ArrowLeft': () => move(-1, true),
  'Shift+ArrowDown': () => move(columns.value, true),
  'Shift+ArrowUp': () => move(-columns.value, true),
})
</script>

<template>
  <StationFrame>
    <div class="intake">
      <IntakeHead
        ref="head"
        :title="removedShown ? 'Taken out of the batch' : 'Pictures'"
        :count="countWords"
        :has-pictures="pictures.length > 0"
        @take="take"
        @sets="givingSets = true"
      />
      <UploadPanel :batch-id="batchId" />
      <SieveBar
        v-if="pictures.length > 0 || (batch?.removed ?? 0) > 0"
        v-model:sieve="sieve"
        v-model:removed-shown="removedShown"
        :pictures="pictures"
        :flags="flags"
        :removed="batch?.removed ?? 0"
      />
      <PictureGrid
        v-if="shown.length > 0"
        v-model:columns="columns"
        :pictures="shown"
        :flags="flags"
        :marked="marked"
        :focus-id="selectedId"
        class="grid"
        @press="press"
        @open="cropping = true"
      />
      <button
        v-else-if="loaded && pictures.length === 0 && !removedShown"
        class="empty"
        @click="head?.pick()"
      >
        <b>Drop photographs, a folder or a ZIP here, or paste one.</b>
        <span class="quiet"
          >JPEG, PNG, WebP, HEIC, AVIF, TIFF, GIF and BMP. Originals are never changed.</span
        >
      </button>
      <p v-else-if="loaded" class="none quiet">
        {{ removedShown ? 'Nothing has been taken out.' : 'No picture is like that.' }}
        <Button
          size="small"
          @click="
            () => {
              sieve = NO_SIEVE
              removedShown = false
            }
          "
        >
          Show all
        </Button>
      </p>
    </div>
    <template #ticket>
      <TicketFacts v-if="batch" :batch="batch" />
      <section v-if="marked.size > 0">
        <h2>Marked</h2>
        <b>{{ many }} pictures</b>
        <p class="small quiet">Esc unmarks. What is done below is done to all of them.</p>
      </section>
      <template v-else-if="selected">
        <PictureFacts :picture="selected" />
        <IntakeFacts
          :picture="selected"
          :flags="flags.get(selected.id) ?? []"
          :pictures="pictures"
          @show="(id: number) => (selectedId = id)"
        />
      </template>
    </template>
    <template #acts>
      <ActButtons
        v-if="chosen.length > 0"
        :many="chosen.length"
        :removed="removedShown"
        :all-whole="allWhole"
        @whole="leaveWhole"
        @crop="cropping = true"
        @method="askingMethod = true"
        @remove="remove(ids)"
        @bring-back="bringBack(ids)"
        @swap="(file) => selected && swap(selected, file)"
      />
      <Button type="primary" :disabled="waiting === 0" @click="cut">
        {{ waiting === 0 ? 'Nothing waits to be cut' : `Cut ${waiting.toLocaleString('en')}` }}
        <span v-if="waiting > 0" aria-hidden="true">→</span>
      </Button>
    </template>
    <CropDialog v-model:open="cropping" :pictures="chosen as Picture[]" @crop="crop" />
    <MethodDialog
      v-model:open="askingMethod"
      :title="
        chosen.length === 1 ? `Method for ${chosen[0]?.fileName}` : `Method for ${many} pictures`
      "
      :chosen="oneMethod"
      otherwise="As the ticket says"
      @choose="(method) => act(ids, { action: 'method', method: method ?? undefined })"
    />
    <SetsDialog v-model:open="givingSets" :batch-id="batchId" />
  </StationFrame>
</template>

<style scoped>
.intake {
  height: 100%;
  padding: 18px 22px 0;
  display: flex;
  flex-direction: column;
  gap: 12px;
}

.grid {
  flex: 1;
  min-height: 0;
}

.none {
  display: flex;
  gap: 12px;
  align-items: center;
}

.empty {
  flex: 1;
  margin-bottom: 22px;
  border: 1.5px dashed #cdbf9f;
  border-radius: 8px;
  background: none;
  font: inherit;
  color: inherit;
  display: grid;
  place-content: center;
  gap: 6px;
  cursor: pointer;
}
</style>
