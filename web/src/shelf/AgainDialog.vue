<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, need, sentenceOf } from '../api/client'
import type { ShelfFile, Spec } from '../api/types'
import PickOne from '../shell/PickOne.vue'
import { formatWords, sizeWords, wishes } from '../spec/spec'

/** The pictures behind some finished files once more, under another spec. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{ files: ShelfFile[] }>()
const emit = defineEmits<{ started: [sentence: string] }>()

const chosen = ref<string>()
const busy = ref(false)
const problem = ref('')
const first = computed(() => props.files[0])
/** Of each batch, the pictures; one picture may stand there with many files. */
const byBatch = computed(() => {
  const all = new Map<number, Set<number>>()
  for (const file of props.files)
    all.set(file.batchId, (all.get(file.batchId) ?? new Set()).add(file.pictureId))
  return all
})
const pictures = computed(() => [...byBatch.value.values()].reduce((n, ids) => n + ids.size, 0))

const { data: common } = useQuery({
  queryKey: ['common-specs'],
  queryFn: async () => (await need(api.GET('/api/v1/specs/common'))) as Spec[],
  staleTime: Infinity,
})
const { data: ticket } = useQuery({
  queryKey: computed(() => ['specs', first.value?.batchId ?? 0]),
  queryFn: async () =>
    (await need(
      api.GET('/api/v1/batches/{id}/specs', {
        params: { path: { id: first.value?.batchId ?? 0 } },
      }),
    )) as Spec[],
  enabled: computed(() => open.value && first.value !== undefined),
})

interface Offer {
  value: string
  label: string
  spec: Spec
}
const offers = computed<Offer[]>(() => [
  ...(ticket.value ?? []).map((spec) => offer('ticket', spec, 'on the ticket')),
  ...(common.value ?? []).map((spec) => offer('common', spec, sizeWords(spec))),
])
function offer(from: string, spec: Spec, more: string): Offer {
  return { value: `${from}:${spec.name}`, label: `${spec.name} · ${more}`, spec }
}
const spec = computed(() => offers.value.find((o) => o.value === chosen.value)?.spec)

watch(open, (now) => {
  if (!now) return
  chosen.value = undefined
  problem.value = ''
})

async function deliver() {
  const wanted = spec.value
  if (!wanted || busy.value) return
  busy.value = true
  problem.value = ''
  try {
    for (const [id, ids] of byBatch.value)
      await need(
        api.POST('/api/v1/batches/{id}/deliveries', {
          params: { path: { id } },
          body: { specs: [wanted], pictures: [...ids] },
        }),
      )
    open.value = false
    const many = pictures.value === 1 ? 'The file is' : `${pictures.value} files are`
    emit('started', `${many} being made as “${wanted.name}” and come here when done.`)
  } catch (error) {
    problem.value = sentenceOf(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="Deliver again under another spec"
    :ok-text="pictures === 1 ? 'Make the file' : `Make ${pictures} files`"
    cancel-text="Not now"
    :ok-button-props="{ disabled: !spec }"
    :confirm-loading="busy"
    width="460px"
    @ok="deliver"
  >
    <p>
      {{ pictures === 1 ? 'The picture is' : `${pictures} pictures are` }} delivered as passed now,
      in the look of {{ byBatch.size === 1 ? 'the batch' : 'their batches' }}.
    </p>
    <PickOne
      v-model:value="chosen"
      :options="offers"
      label="Spec"
      placeholder="Choose a spec"
      style="width: 100%; margin: 10px 0"
      show-search
      option-filter-prop="label"
      data-again-spec
    />
    <p v-if="spec" class="num quiet">
      {{ [sizeWords(spec), formatWords(spec), ...wishes(spec)].join(' · ') }}
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </Modal>
</template>

<style scoped>
.problem {
  color: var(--brick);
}
</style>
