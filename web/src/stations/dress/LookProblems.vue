<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, need } from '../../api/client'
import type { Batch, LookProblems } from '../../api/types'
import { useKeys } from '../../shell/useKeys'

/** What the look hurts on the whole set, counted; one press walks through them. */
const props = defineProps<{ batch: Batch; width: number; height: number; saved: boolean }>()
const emit = defineEmits<{ show: [pictureId: number, part: string | null] }>()
const STILL_LOOKING_MS = 700

const { data } = useQuery({
  queryKey: computed(() => [
    'look-problems',
    props.batch.id,
    props.batch.look.versionId,
    props.batch.look.revision,
    props.width,
    props.height,
    props.batch.counts,
  ]),
  queryFn: async () =>
    (await need(
      api.GET('/api/v1/batches/{id}/look-problems', {
        params: {
          path: { id: props.batch.id },
          query: { width: props.width, height: props.height },
        },
      }),
    )) as LookProblems,
  refetchInterval: (query) => {
    const now = query.state.data
    return now && now.checked < now.of ? STILL_LOOKING_MS : 5000
  },
  placeholderData: (before) => before,
})

const at = ref(-1)
const kind = ref<string | null>(null)
const walked = computed(() =>
  (data.value?.problems ?? []).filter((p) => kind.value === null || p.kind === kind.value),
)
const now = computed(() => walked.value[at.value])
watch(
  () => data.value?.problems.length,
  () => {
    if (at.value >= walked.value.length) at.value = -1
  },
)

function walk(of: string | null) {
  if (kind.value !== of) {
    kind.value = of
    at.value = -1
  }
  if (walked.value.length === 0) return
  at.value = (at.value + 1) % walked.value.length
  const problem = walked.value[at.value]
  if (problem) emit('show', problem.pictureId, problem.part)
}
useKeys({ n: () => walk(null) })
</script>

<template>
  <section
    class="says"
    aria-label="What this look hurts"
    :data-looked-over="data?.checked === data?.of"
  >
    <h2>This look on the set</h2>
    <div v-if="data && data.pictures > 0" class="hurts">
      <button class="all" @click="walk(null)">
        <b>{{ data.pictures }} of {{ data.of }}</b> need a look <kbd>N</kbd>
      </button>
      <button
        v-for="count in data.counts"
        :key="count.kind"
        :aria-pressed="kind === count.kind"
        :data-problem="count.kind"
        @click="walk(count.kind)"
      >
        {{ count.label }}: {{ count.count }}
      </button>
      <p v-if="now" class="now" role="status">
        {{ at + 1 }} of {{ walked.length }}: {{ now.sentence }}
      </p>
    </div>
    <p v-else class="quiet small" role="status">
      {{
        data && data.checked < data.of
          ? `Looked over ${data.checked} of ${data.of}`
          : `Hurts none of ${data?.of ?? 0}.`
      }}
    </p>
  </section>
</template>

<style scoped>
.says {
  padding: 6px 8px 0;
}

.hurts {
  border-left: 3px solid var(--saffron);
  background: var(--saffron-wash);
  border-radius: 0 6px 6px 0;
  padding: 6px 8px;
  margin-top: 4px;
  font-size: 12.5px;
  line-height: 17px;
  max-height: 190px;
  overflow: auto;
}

button {
  display: block;
  border: 0;
  background: none;
  font: inherit;
  text-align: left;
  padding: 3px 0;
  min-height: 24px;
  color: var(--ink);
  cursor: pointer;
}

button[aria-pressed='true'] {
  font-weight: 600;
}

.now {
  border-top: 1px solid #e2b968;
  margin-top: 4px;
  padding-top: 4px;
}
</style>
