<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../../api/client'
import { showPicture } from '../../api/queries'
import type { Picture } from '../../api/types'
import { useUploads } from '../../api/uploads'
import FilmStrip from '../../shell/FilmStrip.vue'
import PictureFacts from '../../shell/PictureFacts.vue'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import PictureGrid from './PictureGrid.vue'
import UploadReport from './UploadReport.vue'
import { useFileDrop } from './useFileDrop'

const { message } = App.useApp()
const { batchId, batch, pictures, selected, selectedId, loaded } = useBench()
const uploads = useUploads()
const client = useQueryClient()
const router = useRouter()
const picker = ref<HTMLInputElement | null>(null)
const { isOver } = useFileDrop(take)
const waiting = computed(
  () => pictures.value.filter((p) => p.state === 'waiting' && !p.queued).length,
)

function take(files: File[]) {
  uploads.add(batchId.value, files)
}

function picked(event: Event) {
  const input = event.target as HTMLInputElement
  take([...(input.files ?? [])])
  input.value = ''
}

async function leaveWhole() {
  if (!selected.value) return
  try {
    const picture = await need(
      api.POST('/api/v1/pictures/{id}/leave-whole', {
        params: { path: { id: selected.value.id } },
      }),
    )
    showPicture(client, picture as Picture)
  } catch (error) {
    void message.warning(sentenceOf(error))
  }
}

async function cut() {
  try {
    await need(api.POST('/api/v1/batches/{id}/cut', { params: { path: { id: batchId.value } } }))
    await router.push({ name: 'cut', params: { id: batchId.value } })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

useKeys({ o: () => picker.value?.click(), w: () => void leaveWhole() })
</script>

<template>
  <StationFrame>
    <div class="intake" :class="{ over: isOver }">
      <div class="head">
        <h1>Pictures</h1>
        <p class="quiet">
          {{ pictures.length.toLocaleString('en') }} in this batch<template v-if="waiting > 0"
            >, {{ waiting.toLocaleString('en') }} not cut yet</template
          >
        </p>
        <Button class="add" @click="picker?.click()">Add files <kbd>O</kbd></Button>
        <input
          ref="picker"
          type="file"
          multiple
          accept="image/*,.tif,.tiff,.bmp,.zip"
          class="hidden"
          aria-label="Files to add"
          tabindex="-1"
          @change="picked"
        />
      </div>
      <UploadReport :batch-id="batchId" />
      <PictureGrid
        v-if="pictures.length > 0"
        v-model:selected-id="selectedId"
        :pictures="pictures"
        class="grid"
      />
      <button v-else-if="loaded" class="empty" @click="picker?.click()">
        <b>Drop photographs, a folder or a ZIP here, or paste one.</b>
        <span class="quiet">JPEG, PNG, WebP, TIFF, GIF and BMP. Originals are never changed.</span>
      </button>
    </div>
    <template #film>
      <FilmStrip v-model:selected-id="selectedId" :pictures="pictures" />
    </template>
    <template #ticket>
      <TicketFacts v-if="batch" :batch="batch" />
      <PictureFacts v-if="selected" :picture="selected" />
    </template>
    <template #acts>
      <Button v-if="selected && ['waiting', 'failed'].includes(selected.state)" @click="leaveWhole">
        Leave this one whole <kbd>W</kbd>
      </Button>
      <Button type="primary" :disabled="waiting === 0" @click="cut">
        {{ waiting === 0 ? 'Nothing waits to be cut' : `Cut ${waiting.toLocaleString('en')}` }}
        <span v-if="waiting > 0" aria-hidden="true">→</span>
      </Button>
    </template>
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

.intake.over {
  box-shadow: inset 0 0 0 3px var(--teal);
  background: var(--teal-wash);
}

.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
}

.add {
  margin-left: auto;
}

.hidden {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}

.grid {
  flex: 1;
  min-height: 0;
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
