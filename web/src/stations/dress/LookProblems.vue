<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { LookProblems } from '../../api/types'
import { useKeys } from '../../shell/useKeys'

/** What the look hurts on the whole set, counted; one press walks through them. */
const props = defineProps<{
  data: LookProblems | undefined
  busy: boolean
  mended: number | null
}>()
const emit = defineEmits<{
  show: [pictureId: number, part: string | null]
  mend: [kind: string]
  takeBack: []
}>()

const at = ref(-1)
const kind = ref<string | null>(null)
const walked = computed(() =>
  (props.data?.problems ?? []).filter((p) => kind.value === null || p.kind === kind.value),
)
const now = computed(() => walked.value[at.value])
watch(
  () => props.data?.problems.length,
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
/** What can be mended in one press is offered when one of its kind is looked at. */
const kindNow = computed(() => props.data?.counts.find((c) => c.kind === now.value?.kind))
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
      <div v-if="now" class="now">
        <p role="status">{{ at + 1 }} of {{ walked.length }}: {{ now.sentence }}</p>
        <button
          v-if="kindNow?.mends"
          class="mend"
          :disabled="busy"
          :data-mend="kindNow.kind"
          @click="emit('mend', kindNow.kind)"
        >
          {{ kindNow.count === 1 ? 'Mend it' : `Mend all ${kindNow.count} of this kind` }}
        </button>
      </div>
    </div>
    <p v-if="mended !== null" class="small" role="status" :data-mended="mended">
      {{
        mended === 0
          ? 'None could be mended by itself.'
          : `Mended ${mended}; each has changes of its own.`
      }}
      <button v-if="mended" class="mend" @click="emit('takeBack')">Take back</button>
    </p>
    <p v-if="!data || data.pictures === 0" class="quiet small" role="status">
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

.mend {
  font-weight: 600;
  color: var(--teal);
}

.now {
  border-top: 1px solid #e2b968;
  margin-top: 4px;
  padding-top: 4px;
}
</style>
