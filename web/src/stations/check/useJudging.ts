import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { showPicture } from '../../api/queries'
import type { Finding, Picture, Verdict } from '../../api/types'
import { remarkWith } from './remark'
import { useLastWord } from './useLastWord'
import { useLooked } from './useLooked'
import { useTogether } from './useTogether'
import { useVerdicts } from './useVerdicts'

interface Stand {
  batchId: Ref<number>
  /** The picture on the stage. */
  shown: Ref<Picture | undefined>
  queue: Ref<Picture[]>
  selectedId: Ref<number | null>
  /** The finding that is looked at. */
  finding: Ref<Finding | null>
}

/** Everything that a checker can say of one picture or of many, and the way back. */
export function useJudging({ batchId, shown, queue, selectedId, finding }: Stand) {
  const client = useQueryClient()
  const { word, say } = useLastWord()
  const verdicts = useVerdicts(say)
  const together = useTogether(() => batchId.value, say)
  const { painted, looked, readyId } = useLooked(() => selectedId.value)
  /** What Ctrl Z takes back next. */
  const lastWas = ref<'one' | 'many' | 'mend'>('one')

  function judge(verdict: Verdict, text = '') {
    const picture = shown.value
    if (!picture || picture.state === 'cutting') return
    const lookedMillis = looked(picture.id)
    if (lookedMillis === null) {
      say({ sentence: `“${picture.fileName}” has only just appeared; nothing was recorded for it` })
      return
    }
    const i = queue.value.findIndex((p) => p.id === picture.id)
    const next = queue.value[i + 1] ?? queue.value[i - 1]
    verdicts.give(picture, verdict, {
      lookedMillis: Math.round(lookedMillis),
      ...remarkWith(verdict, text, finding.value),
    })
    lastWas.value = 'one'
    if (next) selectedId.value = next.id
  }

  async function takeBack() {
    if (lastWas.value === 'many') {
      await together.takeBack()
      lastWas.value = together.given.value.length ? 'many' : 'one'
      return
    }
    const id = await verdicts.takeBack()
    if (id !== null) selectedId.value = id
  }

  async function passMany(some: Picture[]) {
    await together.pass(some)
    lastWas.value = 'many'
  }

  async function recut(method: string) {
    const picture = shown.value
    if (!picture) return
    try {
      const answer = await need(
        api.POST('/api/v1/pictures/{id}/recut', {
          params: { path: { id: picture.id } },
          body: { method },
        }),
      )
      showPicture(client, answer as Picture)
    } catch (error) {
      say({ sentence: sentenceOf(error), trouble: true })
    }
  }

  const canTakeBack = computed(
    () => verdicts.given.value.length > 0 || together.given.value.length > 0,
  )

  return {
    judge,
    takeBack,
    passMany,
    recut,
    canTakeBack,
    painted,
    readyId,
    busy: together.busy,
    word,
    say,
    lastWas,
  }
}
