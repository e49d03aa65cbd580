<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, showPicture } from '../../api/queries'
import type { Picture } from '../../api/types'
import FilmStrip from '../../shell/FilmStrip.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import MendingTable from './MendingTable.vue'

/** By then the picture at hand is there. */
const LAID_AFTER_MS = 1500

/** The bench: one picture after the other, each with its edit list. */
const { message } = App.useApp()
const { pictures, selected, selectedId, loaded, batchId } = useBench()
const client = useQueryClient()
const queue = computed(() => pictures.value.filter((p) => p.state === 'in-touch-up'))
const shown = computed(() => (selected.value?.state === 'in-touch-up' ? selected.value : undefined))
const finishing = ref(false)
const table = ref<InstanceType<typeof MendingTable> | null>(null)

watch(
  [loaded, queue],
  () => {
    if (!shown.value && queue.value[0]) selectedId.value = queue.value[0].id
  },
  { immediate: true },
)

const following = computed(() => {
  const i = queue.value.findIndex((p) => p.id === shown.value?.id)
  return i < 0 ? undefined : (queue.value[i + 1] ?? queue.value[i - 1])
})

/** While one picture is mended the server lays out the next, so that nobody waits for it. */
watchDebounced(
  () => following.value?.id,
  (id) => {
    if (id !== undefined) {
      void api
        .GET('/api/v1/pictures/{id}/edits', { params: { path: { id } } })
        .catch(() => undefined)
    }
  },
  { debounce: LAID_AFTER_MS, immediate: true },
)

async function done() {
  const picture = shown.value
  if (!picture || finishing.value) return
  finishing.value = true
  try {
    await table.value?.saved()
    const next = following.value
    const answer = await need(
      api.POST('/api/v1/pictures/{id}/touch-up/done', {
        params: { path: { id: picture.id }, query: { wait: false } },
      }),
    )
    if (next) selectedId.value = next.id
    showPicture(client, answer as Picture)
    void client.invalidateQueries({ queryKey: keys.batch(batchId.value) })
  } catch (error) {
    void message.warning(sentenceOf(error), 6)
    void client.invalidateQueries({ queryKey: keys.pictures(batchId.value) })
  } finally {
    finishing.value = false
  }
}

useKeys({ 'Ctrl+Enter': () => void done() })
</script>

<template>
  <MendingTable v-if="shown" ref="table" :key="`${shown.id}-${shown.state}`" :picture="shown">
    <template #film>
      <FilmStrip v-model:selected-id="selectedId" :pictures="queue" cutout arrows-only />
    </template>
    <template #done>
      <Button type="primary" :loading="finishing" @click="done">
        Done, {{ queue.length > 1 ? 'next picture' : 'back to Check' }} <kbd>Ctrl Enter</kbd>
      </Button>
    </template>
  </MendingTable>
  <main v-else-if="loaded" class="empty">
    <b>The bench is empty.</b>
    <span class="quiet">Send a picture here from Check with <kbd>T</kbd>.</span>
    <RouterLink :to="{ name: 'check', params: { id: batchId } }"><u>To Check</u></RouterLink>
  </main>
</template>

<style scoped>
.empty {
  display: grid;
  place-content: center;
  gap: 6px;
  text-align: center;
}
</style>
