<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Delivery } from '../../api/types'
import { byteWords } from '../../spec/spec'
import SendingLine from './SendingLine.vue'
import ToFolder from './ToFolder.vue'

/** Runs of this batch, newest first, each with its package and its manifest. */
const props = defineProps<{ deliveries: Delivery[]; batchName: string }>()
const LATEST = 2
const all = ref(false)
const shown = computed(() => (all.value ? props.deliveries : props.deliveries.slice(0, LATEST)))
const { message } = App.useApp()
const client = useQueryClient()
/** Being written into a folder; null = none. */
const writing = ref<Delivery | null>(null)
const { data: mayWrite } = useQuery({
  queryKey: ['deliver-to'],
  queryFn: () => need(api.GET('/api/v1/deliver-to')),
  staleTime: Infinity,
})

const { data: shop } = useQuery({
  queryKey: ['send-to'],
  queryFn: () => need(api.GET('/api/v1/send-to')),
  staleTime: Infinity,
})

const isOver = (d: Delivery) => d.state === 'done' || d.state === 'failed'

function words(d: Delivery): string {
  if (d.state === 'failed') return d.problem ?? 'failed'
  const made = d.made.toLocaleString('en')
  if (!isOver(d))
    return `${made} of ${d.planned} files${d.state === 'paused' ? ', paused' : ' made'}`
  const same = d.same > 0 ? `, ${d.same.toLocaleString('en')} as before` : ''
  const failed = d.failed > 0 ? `, ${d.failed} could not be made` : ''
  const gone = d.forgotten > 0 ? `, ${d.forgotten} tidied away` : ''
  return `${made} files, ${byteWords(d.bytes)}${same}${failed}${gone}`
}

function at(d: Delivery): string {
  return new Date(d.createdAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
}

const onShelf = (d: Delivery) => ({ name: 'shelf', query: { delivery: d.id } })

async function tell(d: Delivery, what: 'pause' | 'go-on' | 'again') {
  try {
    await need(api.POST(`/api/v1/deliveries/{id}/${what}`, { params: { path: { id: d.id } } }))
    await client.invalidateQueries({ queryKey: keys.deliveries(d.batchId) })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}
</script>

<template>
  <section v-if="deliveries.length > 0">
    <h2>Deliveries</h2>
    <div v-for="d in shown" :key="d.id" class="one" :data-delivery="d.id" :data-state="d.state">
      <div class="line">
        <b class="num">{{ at(d) }}</b>
        <span class="small" :class="{ bad: d.state === 'failed' }">{{ words(d) }}</span>
      </div>
      <div v-if="!isOver(d)" class="track">
        <i :style="{ width: `${(d.made / Math.max(1, d.planned)) * 100}%` }" />
      </div>
      <div class="acts">
        <template v-if="d.state === 'done'">
          <Button size="small" :href="`/api/v1/deliveries/${d.id}/files.zip`" download>ZIP</Button>
          <Button
            v-if="d.same > 0 && d.same < d.made"
            size="small"
            :href="`/api/v1/deliveries/${d.id}/files.zip?onlyChanged=true`"
            download
          >
            ZIP, only {{ (d.made - d.same).toLocaleString('en') }} that changed
          </Button>
          <Button size="small" :href="`/api/v1/deliveries/${d.id}/manifest.json`" target="_blank">
            Manifest
          </Button>
          <RouterLink v-slot="{ href, navigate }" custom :to="onShelf(d)">
            <Button size="small" :href="href" @click="navigate">On the shelf</Button>
          </RouterLink>
          <Button v-if="d.forgotten > 0" size="small" @click="tell(d, 'again')">
            Make {{ d.forgotten }} again
          </Button>
          <Button v-if="mayWrite?.folder" size="small" @click="writing = d">To a folder…</Button>
        </template>
        <Button v-else-if="d.state === 'paused'" size="small" @click="tell(d, 'go-on')">
          Go on
        </Button>
        <Button v-else-if="!isOver(d)" size="small" @click="tell(d, 'pause')">Pause</Button>
      </div>
      <SendingLine v-if="d.state === 'done' && shop?.shop" :delivery-id="d.id" />
    </div>
    <button v-if="deliveries.length > shown.length" class="more" @click="all = true">
      {{ deliveries.length - shown.length }} earlier
    </button>
    <ToFolder
      :open="writing !== null"
      :delivery="writing"
      :suggested="batchName"
      @update:open="writing = null"
    />
  </section>
</template>

<style scoped>
.one {
  padding: 8px 0;
  border-top: 1px solid var(--line-soft);
  display: grid;
  gap: 6px;
}

h2 {
  margin-bottom: 6px;
}

.line {
  display: grid;
}

.more {
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  font: 600 13px/18px var(--text);
  color: var(--teal);
  cursor: pointer;
}

.bad {
  color: var(--brick);
}

.track {
  height: 6px;
  border-radius: 3px;
  background: #e9e0cd;
}

.track i {
  display: block;
  height: 6px;
  border-radius: 3px;
  background: var(--teal);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
