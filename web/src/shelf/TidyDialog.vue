<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, need, sentenceOf } from '../api/client'
import type { ShelfFile, TidyDone, TidyProposal } from '../api/types'
import { byteWords } from '../spec/spec'

/** What may go, how much room that frees, and what went and can still come back. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{ marked: ShelfFile[] }>()
const emit = defineEmits<{ changed: [] }>()

const client = useQueryClient()
const KEY = ['tidy']
const { data, isPending } = useQuery({
  queryKey: KEY,
  queryFn: async () =>
    (await need(api.GET('/api/v1/shelf/tidy'))) as { proposals: TidyProposal[]; done: TidyDone[] },
  enabled: open,
})
const weighed = ref<TidyProposal | null>(null)
const problem = ref('')
const busy = ref(false)
const rows = computed(() => [
  ...(weighed.value ? [weighed.value] : []),
  ...(data.value?.proposals ?? []),
])
const count = (n: number) => (n === 1 ? '1 file' : `${n.toLocaleString('en')} files`)
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { dateStyle: 'medium' })

watch(open, async (now) => {
  if (!now) return
  problem.value = ''
  weighed.value = null
  await client.invalidateQueries({ queryKey: KEY })
  if (props.marked.length > 0)
    await doing(async () => {
      weighed.value = (await need(
        api.POST('/api/v1/shelf/tidy/weigh', { body: { ids: props.marked.map((f) => f.id) } }),
      )) as TidyProposal
    })
})

async function doing(work: () => Promise<void>) {
  busy.value = true
  problem.value = ''
  try {
    await work()
  } catch (error) {
    problem.value = sentenceOf(error)
  } finally {
    busy.value = false
  }
}

const takeOff = (row: TidyProposal) =>
  doing(async () => {
    const chosen = row === weighed.value
    await need(
      api.POST('/api/v1/shelf/tidy', {
        body: chosen ? { ids: props.marked.map((f) => f.id) } : { kind: row.kind },
      }),
    )
    if (chosen) weighed.value = null
    await client.invalidateQueries({ queryKey: KEY })
    emit('changed')
  })

const bringBack = (done: TidyDone) =>
  doing(async () => {
    await need(
      api.POST('/api/v1/shelf/tidy/{id}/bring-back', { params: { path: { id: done.id } } }),
    )
    await client.invalidateQueries({ queryKey: KEY })
    emit('changed')
  })
</script>

<template>
  <Modal v-model:open="open" title="Tidy up" :footer="null" width="560px">
    <p class="quiet">
      What is taken off can be brought back for 30 days. After that its bytes are gone; originals
      and cutouts stay, so it can be made again.
    </p>
    <p v-if="!isPending && rows.length === 0">Nothing here looks as if it could go.</p>
    <ul v-if="rows.length > 0">
      <li v-for="row in rows" :key="row.kind" :data-tidy="row.kind">
        <span>
          <b>{{ count(row.files) }}</b> {{ row.said }}
          <span class="num quiet freed">frees {{ byteWords(row.bytes) }}</span>
        </span>
        <Button size="small" :disabled="busy" @click="takeOff(row)">Take off</Button>
      </li>
    </ul>
    <template v-if="(data?.done.length ?? 0) > 0">
      <h2>Taken off</h2>
      <ul>
        <li v-for="done in data!.done" :key="done.id" :data-taken-off="done.id">
          <span>
            <b>{{ count(done.files) }}</b> {{ done.said }}
            <span class="num quiet freed">
              {{ byteWords(done.bytes) }}, until {{ day(done.until) }}
            </span>
          </span>
          <Button size="small" :disabled="busy" @click="bringBack(done)">Bring back</Button>
        </li>
      </ul>
    </template>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </Modal>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
}

li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding: 8px 0;
  border-top: 1px solid var(--line-soft);
}

h2 {
  margin-top: 14px;
}

.freed {
  display: block;
}

.problem {
  color: var(--brick);
}
</style>
