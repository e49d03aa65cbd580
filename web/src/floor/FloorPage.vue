<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../api/client'
import { keys, useBatches } from '../api/queries'
import type { TicketFile } from '../api/types'
import { useUploads, type DroppedFile } from '../api/uploads'
import PageNav from '../shell/PageNav.vue'
import { needPerson } from '../shell/stations'
import { useKeys } from '../shell/useKeys'
import { useFileDrop } from '../stations/intake/useFileDrop'
import BatchRow from './BatchRow.vue'
import NewBatchDialog from './NewBatchDialog.vue'

const { message } = App.useApp()
const router = useRouter()
const route = useRoute()
const client = useQueryClient()
const uploads = useUploads()
const batches = useBatches()
const all = computed(() => batches.data.value ?? [])
const pictures = computed(() => all.value.reduce((n, b) => n + b.total, 0))
const waiting = computed(() => all.value.reduce((n, b) => n + needPerson(b), 0))
const firstPressing = computed(() => all.value.find((b) => needPerson(b) > 0)?.id)

const asking = ref(false)
const dropped = ref<DroppedFile[]>([])

function ask(files: DroppedFile[]) {
  dropped.value = files
  asking.value = true
}

async function create(name: string, ticket: TicketFile | null) {
  try {
    const batch = await need(api.POST('/api/v1/batches', { body: { name, method: 'auto' } }))
    const id = Number(batch.id)
    if (ticket) await applyTicket(id, ticket)
    await client.invalidateQueries({ queryKey: keys.batches })
    if (dropped.value.length > 0) void uploads.add(id, dropped.value)
    await router.push({ name: 'intake', params: { id } })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

/** A ticket that is not taken costs no files: they go in, and the sentence says what is missing. */
async function applyTicket(id: number, ticket: TicketFile) {
  try {
    await need(api.PUT('/api/v1/batches/{id}/ticket', { params: { path: { id } }, body: ticket }))
  } catch (error) {
    void message.error(`The batch was made without the ticket. ${sentenceOf(error)}`, 8)
  }
}

/** From the shelf: a new batch under the ticket of one that was delivered. */
const like = computed(() => (route.query.like ? Number(route.query.like) : null))
onMounted(() => {
  if (like.value !== null) ask([])
})

const { isOver } = useFileDrop(ask)
useKeys({ n: () => ask([]) })
</script>

<template>
  <div class="page">
    <PageNav />
    <main>
      <div class="head">
        <h1>The floor</h1>
        <p v-if="batches.isPending.value" class="quiet">Looking what stands here</p>
        <p v-else class="quiet">
          {{ all.length === 1 ? '1 batch' : `${all.length} batches` }},
          {{ pictures.toLocaleString('en') }} pictures ·
          {{ waiting === 0 ? 'nothing needs a person' : `${waiting} need a person` }}
        </p>
        <Button type="primary" size="large" @click="ask([])">New batch <kbd>N</kbd></Button>
      </div>
      <p v-if="batches.error.value" class="problem">{{ sentenceOf(batches.error.value) }}</p>
      <template v-if="batches.isPending.value">
        <i v-for="k in 3" :key="k" class="coming" />
      </template>
      <BatchRow
        v-for="batch in all"
        :key="batch.id"
        :batch="batch"
        :first="batch.id === firstPressing"
      />
      <div class="drop" :class="{ over: isOver }">
        <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
          <path
            d="M11 3v11m-4-4 4 4 4-4M3 18h16"
            stroke="var(--quiet)"
            stroke-width="1.8"
            fill="none"
          />
        </svg>
        {{
          all.length === 0 && batches.isSuccess.value
            ? 'A batch is a set of photographs under one ticket. Drop them anywhere on this page to begin.'
            : 'Drop photographs, a folder or a ZIP anywhere on this page to begin a batch'
        }}
      </div>
    </main>
    <NewBatchDialog
      v-model:open="asking"
      :files="dropped.length"
      :batches="all"
      :like="like"
      @create="create"
    />
  </div>
</template>

<style scoped>
.page {
  min-height: 100%;
}

main {
  padding: 22px 28px;
  display: grid;
  gap: 10px;
  max-width: 1500px;
}

.head {
  display: flex;
  align-items: baseline;
  gap: 14px;
  margin-bottom: 4px;
}

.coming {
  height: 104px;
  border-radius: 8px;
  background: var(--line-soft);
}

.head h1 {
  font-size: 22px;
  line-height: 28px;
}

.head .ant-btn {
  margin-left: auto;
  font-size: 14px;
}

.drop {
  border: 1.5px dashed #cdbf9f;
  border-radius: 8px;
  padding: 16px 18px;
  color: var(--quiet);
  display: flex;
  gap: 14px;
  align-items: center;
}

.drop.over {
  border-color: var(--teal);
  background: var(--teal-wash);
}

.problem {
  color: var(--brick);
}
</style>
