import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, need, Refused, sentenceOf } from '../../api/client'
import { keys, showPicture } from '../../api/queries'
import type { Picture, PictureState, SentRemark, Verdict } from '../../api/types'
import type { Say } from './useLastWord'

const AFTER: Record<Verdict, { state: PictureState; words: string }> = {
  pass: { state: 'passed', words: 'passed' },
  'touch-up': { state: 'in-touch-up', words: 'sent to Touch-up' },
  reject: { state: 'rejected', words: 'rejected' },
}

/** What goes with a verdict. */
export interface Said {
  remark?: SentRemark
  lookedMillis?: number
}

/**
 * Gives verdicts without waiting for the server: the list shows the new state at once, and is put
 * right with a sentence if the server knows better.
 */
export function useVerdicts(say: Say) {
  const client = useQueryClient()
  const given = ref<number[]>([])
  const onTheWay = new Map<number, Promise<void>>()

  function give(picture: Picture, verdict: Verdict, said: Said = {}) {
    if (onTheWay.has(picture.id)) return
    showPicture(client, { ...picture, state: AFTER[verdict].state })
    say({ sentence: `“${picture.fileName}” ${AFTER[verdict].words}` })
    given.value.push(picture.id)
    const call = send(picture, verdict, said).finally(() => onTheWay.delete(picture.id))
    onTheWay.set(picture.id, call)
  }

  async function send(picture: Picture, verdict: Verdict, said: Said) {
    try {
      const answer = await need(
        api.POST('/api/v1/pictures/{id}/verdict', {
          params: { path: { id: picture.id } },
          body: { verdict, revision: picture.revision, ...said },
        }),
      )
      showPicture(client, answer as Picture)
    } catch (error) {
      given.value = given.value.filter((id) => id !== picture.id)
      if (!(error instanceof Refused) || error.status === 0) showPicture(client, picture)
      say({ sentence: sentenceOf(error), trouble: true })
      void client.invalidateQueries({ queryKey: keys.pictures(picture.batchId) })
    }
    void client.invalidateQueries({ queryKey: keys.batch(picture.batchId) })
  }

  /** Takes the last verdict of this session back; answers which picture it was. */
  async function takeBack(): Promise<number | null> {
    const id = given.value.at(-1)
    if (id === undefined) {
      say({ sentence: 'No verdict to take back' })
      return null
    }
    await onTheWay.get(id)
    try {
      const answer = await need(
        api.DELETE('/api/v1/pictures/{id}/verdict', { params: { path: { id } } }),
      )
      given.value = given.value.slice(0, -1)
      showPicture(client, answer as Picture)
      void client.invalidateQueries({ queryKey: keys.batch(Number(answer.batchId)) })
      say({ sentence: `“${answer.fileName}” waits to be checked again` })
      return id
    } catch (error) {
      given.value = given.value.slice(0, -1)
      say({ sentence: sentenceOf(error), trouble: true })
      return null
    }
  }

  return { give, takeBack, given }
}
