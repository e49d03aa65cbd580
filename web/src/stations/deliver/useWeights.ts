import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, need } from '../../api/client'
import type { Preflight, Spec } from '../../api/types'

const ASK_AGAIN_MS = 1200
/** The table is drawn first: a weight is a help that nobody waits for. */
const ASK_AFTER_MS = 150

/** What the files of a preflight will weigh, in its order; better with every answer until it is complete. */
export function useWeights(
  batchId: Ref<number>,
  specs: Ref<Spec[]>,
  preflight: Ref<Preflight | null>,
) {
  const bytes = shallowRef<number[]>([])
  /** What a try could not make, by its place in the preflight. */
  const problems = shallowRef<Record<string, string>>({})
  /** What may not get below its limit, likewise. */
  const risks = shallowRef<Record<string, string>>({})
  const isComplete = ref(false)
  let round = 0
  let timer: ReturnType<typeof setTimeout> | undefined

  async function ask(mine: number) {
    if (mine !== round || specs.value.length === 0) return
    try {
      const view = await need(
        api.POST('/api/v1/batches/{id}/weights', {
          params: { path: { id: batchId.value } },
          body: { specs: specs.value },
        }),
      )
      if (mine !== round) return
      bytes.value = view.bytes ?? []
      problems.value = view.problems ?? {}
      risks.value = view.risks ?? {}
      isComplete.value = view.complete === true
      if (!isComplete.value) timer = setTimeout(() => void ask(mine), ASK_AGAIN_MS)
    } catch {
      // Weights are a help; the preflight itself says what is wrong.
    }
  }

  /** The same files by the same specs: what is known of them stays while it is asked for again. */
  let of = ''
  watch(
    preflight,
    (now) => {
      round++
      clearTimeout(timer)
      isComplete.value = false
      const files = JSON.stringify([specs.value, now?.content?.map((file) => file.name)])
      if (files !== of) {
        of = files
        bytes.value = []
        problems.value = {}
        risks.value = {}
      }
      const mine = round
      if (now && now.files > 0) timer = setTimeout(() => void ask(mine), ASK_AFTER_MS)
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    round++
    clearTimeout(timer)
  })

  return { bytes, problems, risks, isComplete }
}
