import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Picture } from '../../api/types'
import type { Say } from './useLastWord'

/** Passes many pictures at once, and takes all of that back. */
export function useTogether(batchId: () => number, say: Say) {
  const client = useQueryClient()
  const busy = ref(false)
  const given = ref<string[]>([])

  function refresh() {
    void client.invalidateQueries({ queryKey: keys.pictures(batchId()) })
    void client.invalidateQueries({ queryKey: keys.batch(batchId()) })
  }

  async function pass(pictures: Picture[]) {
    if (busy.value || pictures.length === 0) return
    busy.value = true
    try {
      const answer = await need(
        api.POST('/api/v1/batches/{batchId}/verdicts', {
          params: { path: { batchId: batchId() } },
          body: {
            verdict: 'pass',
            pictures: pictures.map((p) => ({ id: p.id, revision: p.revision })),
          },
        }),
      )
      const together = answer.together ?? ''
      given.value.push(together)
      const left = answer.leftAlone ?? 0
      say({
        sentence:
          `${(answer.done ?? 0).toLocaleString('en')} passed together` +
          (left ? `; ${left} had changed meanwhile and were left alone` : ''),
        back: { label: 'Take all of them back', go: () => void takeBack(together) },
      })
    } catch (error) {
      say({ sentence: sentenceOf(error), trouble: true })
    } finally {
      busy.value = false
      refresh()
    }
  }

  async function takeBack(together = given.value.at(-1)) {
    if (together === undefined) return
    given.value = given.value.filter((one) => one !== together)
    try {
      const answer = await need(
        api.DELETE('/api/v1/batches/{batchId}/verdicts/{together}', {
          params: { path: { batchId: batchId(), together } },
        }),
      )
      const left = answer.leftAlone ?? 0
      say({
        sentence:
          `${answer.done} wait to be checked again` +
          (left ? `; ${left} had moved on and stay where they are` : ''),
      })
    } catch (error) {
      say({ sentence: sentenceOf(error), trouble: true })
    } finally {
      refresh()
    }
  }

  return { pass, takeBack, busy, given }
}
