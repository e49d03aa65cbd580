<script setup lang="ts">
import { Input, Modal } from 'ant-design-vue'
import { computed, nextTick, ref, watch } from 'vue'
import { api, need, sentenceOf } from '../api/client'
import type { Batch, TicketFile } from '../api/types'
import PickOne from '../shell/PickOne.vue'

/** Asks what a new batch is called, and under which ticket it goes. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{
  files: number
  batches: Batch[]
  /** The batch whose ticket is taken over at first; null = a new ticket. */
  like: number | null
}>()
const emit = defineEmits<{ create: [name: string, ticket: TicketFile | null] }>()

const NEW = 'new'
const FILE = 'file'
const name = ref('')
const input = ref<{ focus: () => void } | null>(null)
const picker = ref<HTMLInputElement | null>(null)
const ticketOf = ref<string | number>(NEW)
const fromFile = ref<TicketFile | null>(null)
const problem = ref('')
const options = computed(() => [
  { value: NEW, label: 'A new ticket' },
  { value: FILE, label: fromFile.value ? `The file for “${fromFile.value.name}”` : 'From a file…' },
  ...props.batches.map((b) => ({ value: b.id, label: `As in ${b.name}` })),
])

watch(open, begin, { immediate: true })

async function begin(now: boolean) {
  if (!now) return
  name.value = new Date().toLocaleDateString('en', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
  })
  ticketOf.value = props.like ?? NEW
  fromFile.value = null
  problem.value = ''
  await nextTick()
  window.setTimeout(() => input.value?.focus(), 60)
}

function choose(value: unknown) {
  problem.value = ''
  ticketOf.value = value as string | number
  if (value === FILE) picker.value?.click()
}

async function picked(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  try {
    const read: unknown = JSON.parse(await file.text())
    if ((read as TicketFile | null)?.['able-batch'] !== 'ticket') throw new SyntaxError()
    fromFile.value = read as TicketFile
  } catch {
    ticketOf.value = NEW
    problem.value = `“${file.name}” is not a ticket of Able Batch.`
  }
}

async function create() {
  if (name.value.trim() === '') return
  try {
    emit('create', name.value.trim(), await ticket())
    open.value = false
  } catch (error) {
    problem.value = sentenceOf(error)
  }
}

async function ticket(): Promise<TicketFile | null> {
  if (ticketOf.value === NEW) return null
  if (ticketOf.value === FILE) return fromFile.value
  return need(
    api.GET('/api/v1/batches/{id}/ticket', { params: { path: { id: Number(ticketOf.value) } } }),
  )
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="New batch"
    ok-text="Make the batch"
    cancel-text="Not now"
    :ok-button-props="{ disabled: name.trim() === '' }"
    width="440px"
    @ok="create"
  >
    <label for="batch-name">Name</label>
    <Input
      id="batch-name"
      ref="input"
      v-model:value="name"
      :maxlength="120"
      @press-enter="create"
    />
    <label for="batch-ticket" class="second">Ticket</label>
    <PickOne
      id="batch-ticket"
      :value="ticketOf"
      :options="options"
      class="wide"
      label="Ticket"
      @change="choose"
    />
    <input
      ref="picker"
      type="file"
      accept=".json,application/json"
      hidden
      aria-label="Ticket file"
      @change="picked"
    />
    <p v-if="problem" class="problem">{{ problem }}</p>
    <p class="small quiet">
      <template v-if="ticketOf === NEW"> Method, look and specs can be set later. </template>
      <template v-else>Method, look, specs and naming are taken over.</template>
      <template v-if="props.files > 0">
        {{ props.files === 1 ? '1 file goes' : `${props.files.toLocaleString('en')} files go` }} in
        as soon as it is made.
      </template>
    </p>
  </Modal>
</template>

<style scoped>
label {
  display: block;
  margin-bottom: 4px;
}

.second {
  margin-top: 12px;
}

.wide {
  width: 100%;
}

p {
  margin-top: 8px;
}

.problem {
  color: var(--brick);
}
</style>
