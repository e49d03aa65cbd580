<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useNow } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { Sending, SentFile } from '../../api/types'
import { sendingWords } from './sending'

/** A delivery on its way to the shop: what is there, what is tried again, what is not taken. */
const props = defineProps<{ deliveryId: number }>()
const LOOK_EVERY_MS = 1000
const { message } = App.useApp()
const client = useQueryClient()
const now = useNow({ interval: LOOK_EVERY_MS })
const listed = ref(false)

const key = computed(() => ['sending', props.deliveryId])
const { data } = useQuery({
  queryKey: key,
  queryFn: async () => {
    const answer = await need(
      api.GET('/api/v1/deliveries/{id}/sending', { params: { path: { id: props.deliveryId } } }),
    )
    // Never sent: an answer without a body.
    return (answer ?? null) as Sending | null
  },
  refetchInterval: (query) => (query.state.data?.state === 'running' ? LOOK_EVERY_MS : false),
})
const sending = computed(() => data.value ?? undefined)
const isRunning = computed(() => sending.value?.state === 'running')
const missing = computed(() => (sending.value?.waiting ?? 0) + (sending.value?.refused ?? 0))

/** Thousands of names are fetched only when somebody asks which. */
const { data: files } = useQuery({
  queryKey: computed(() => ['sent-files', sending.value?.id, sending.value?.there, missing.value]),
  queryFn: async () =>
    (await need(
      api.GET('/api/v1/sendings/{id}/files', { params: { path: { id: sending.value?.id ?? 0 } } }),
    )) as SentFile[],
  enabled: computed(() => listed.value && sending.value !== undefined && missing.value > 0),
})
const open = computed(() => (files.value ?? []).filter((file) => file.state !== 'there'))

async function tell(work: Promise<unknown>) {
  try {
    await work
  } catch (error) {
    void message.error(sentenceOf(error), 6)
  }
  await client.invalidateQueries({ queryKey: key.value })
}

const send = (all: boolean) =>
  tell(
    need(
      api.POST('/api/v1/deliveries/{id}/sending', {
        params: { path: { id: props.deliveryId }, query: { all } },
      }),
    ),
  )
const stop = () =>
  sending.value &&
  tell(need(api.POST('/api/v1/sendings/{id}/stop', { params: { path: { id: sending.value.id } } })))
</script>

<template>
  <div class="sending" :data-sending="sending?.state ?? 'never'">
    <span v-if="sending" class="small" :class="{ bad: sending.refused > 0 }">
      {{ sendingWords(sending, now.getTime()) }}
    </span>
    <span class="acts">
      <Button v-if="!sending" size="small" @click="send(false)">Send to the shop</Button>
      <Button v-else-if="isRunning" size="small" @click="stop">Stop</Button>
      <Button v-else-if="missing > 0" size="small" @click="send(false)">
        Send the rest again
      </Button>
      <Button v-else size="small" @click="send(true)">Send all again</Button>
      <button v-if="open.length > 0" class="more" :aria-expanded="listed" @click="listed = !listed">
        {{ listed ? 'Less' : 'Which' }}
      </button>
    </span>
    <ul v-if="listed && open.length > 0">
      <li v-for="file in open.slice(0, 50)" :key="file.name" :data-sent="file.state">
        <span class="num cut" :title="file.name">{{ file.name }}</span>
        <span class="small quiet">{{ file.problem ?? 'waits' }}</span>
      </li>
      <li v-if="open.length > 50" class="small quiet">
        and {{ (open.length - 50).toLocaleString('en') }} more
      </li>
    </ul>
  </div>
</template>

<style scoped>
.sending {
  display: grid;
  gap: 6px;
}

.acts {
  display: flex;
  gap: 10px;
  align-items: center;
}

.bad {
  color: var(--brick);
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

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 180px;
  overflow: auto;
}

li {
  display: grid;
  padding: 4px 0;
  border-top: 1px solid var(--line-soft);
}
</style>
