<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, toRef } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, useServerUploads } from '../../api/queries'
import { useUploads } from '../../api/uploads'
import { timeLeft } from '../../shell/timeLeft'

/** How far the files are on their way in, and what was not taken with its reason. */
const props = defineProps<{ batchId: number }>()
const { message } = App.useApp()
const client = useQueryClient()
const uploads = useUploads()
const server = useServerUploads(toRef(props, 'batchId'))

const mine = computed(() => uploads.ofBatch(props.batchId))
const sending = computed(
  () => mine.value !== null && mine.value.done + mine.value.unsent.length < mine.value.files,
)
const reading = computed(() => server.data.value?.reading ?? 0)
const refused = computed(() => server.data.value?.refused ?? [])
const refusedCount = computed(() => server.data.value?.refusedCount ?? 0)
const unsent = computed(() => mine.value?.unsent ?? [])
const sent = computed(() => mine.value?.done ?? 0)
/** Since this page began to send; what came before is no news. */
const taken = computed(() =>
  Math.max(0, (server.data.value?.taken ?? 0) - (mine.value?.takenBefore ?? 0)),
)
/** Announced by a page that is gone: only the files themselves can bring them. */
const lost = computed(() => (mine.value ? 0 : (server.data.value?.coming ?? 0)))
const shown = computed(
  () => mine.value !== null || lost.value > 0 || refusedCount.value > 0 || reading.value > 0,
)

const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)
const pace = computed(() => {
  const m = mine.value
  if (!m || !sending.value) return null
  const bytes = m.sentBytes - m.thereBefore
  const seconds = (now.value - m.beganAt) / 1000
  return {
    rate: seconds > 1 ? `${(bytes / 1e6 / seconds).toFixed(1)} MB/s` : '',
    left: timeLeft(bytes, m.bytes - m.sentBytes, now.value - m.beganAt),
  }
})
const share = (part: number, whole: number) => `${whole > 0 ? (part / whole) * 100 : 0}%`
const count = (n: number) => n.toLocaleString('en')

async function close(giveUp = false) {
  try {
    await need(
      api.DELETE('/api/v1/batches/{id}/uploads', {
        params: { path: { id: props.batchId }, query: { coming: giveUp } },
      }),
    )
    uploads.forget(props.batchId)
    await client.invalidateQueries({ queryKey: keys.uploads(props.batchId) })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

async function takeAnyway(id: number) {
  try {
    await need(api.POST('/api/v1/uploads/{id}/take-anyway', { params: { path: { id } } }))
    await client.invalidateQueries({ queryKey: keys.uploads(props.batchId) })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}
</script>

<template>
  <section v-if="shown" class="panel report" aria-live="polite" aria-label="Files on their way">
    <div class="top">
      <b v-if="sending && mine"> Sending {{ count(sent) }} of {{ count(mine.files) }} </b>
      <b v-else-if="lost > 0">
        {{ count(lost) }} {{ lost === 1 ? 'file has' : 'files have' }} not come whole
      </b>
      <b v-else-if="reading > 0">Reading {{ count(reading) }} more</b>
      <b v-else>
        <template v-if="mine">{{ count(taken) }} taken in</template
        ><template v-if="mine && refusedCount > 0">, </template
        ><template v-if="refusedCount > 0">{{ count(refusedCount) }} not taken</template>
      </b>
      <div v-if="mine" class="track">
        <i :style="{ width: share(mine.sentBytes, mine.bytes) }" class="done" />
      </div>
      <span v-else-if="lost > 0" class="small quiet">
        Drop the same files or folder again: what is here is not sent twice.
      </span>
      <span v-else />
      <span v-if="pace" class="num small quiet">{{ pace.rate }} · {{ pace.left }} left</span>
      <Button v-else-if="lost > 0" size="small" @click="close(true)">Do without them</Button>
      <Button v-else-if="reading === 0" size="small" @click="close()">Close</Button>
      <span v-else class="small quiet">sent whole; this page may be closed</span>
    </div>
    <p v-if="server.data.value?.trouble" class="trouble">{{ server.data.value.trouble }}</p>
    <ul v-if="refused.length > 0 || unsent.length > 0">
      <li v-for="file in unsent" :key="file.path">
        <span class="num cut" :title="file.path">{{ file.path }}</span>
        <span>{{ file.problem }}</span>
        <Button size="small" @click="uploads.again(batchId)">Send again</Button>
      </li>
      <li v-for="file in refused" :key="file.id">
        <span class="num cut" :title="file.path">{{ file.path }}</span>
        <span>{{ file.problem }}</span>
        <Button v-if="file.duplicateOf !== null" size="small" @click="takeAnyway(file.id)">
          Take it anyway
        </Button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.report {
  padding: 10px 14px;
}

.top {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 14px;
  align-items: center;
}

.track {
  height: 8px;
  border-radius: 4px;
  background: #e9e0cd;
  display: flex;
  overflow: hidden;
}

.done {
  background: var(--teal);
}

.trouble {
  margin-top: 8px;
  color: var(--brick);
}

ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  max-height: 148px;
  overflow: auto;
}

li {
  display: grid;
  grid-template-columns: 220px 1fr auto;
  gap: 12px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--line-soft);
  font-size: 13px;
  line-height: 18px;
}
</style>
