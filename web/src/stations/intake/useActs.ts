import { App } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { ref, type Ref } from 'vue'
import { api, need, refusedBy, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Act, ActResult, Picture } from '../../api/types'

/** Does things to many pictures, and says what could not be done. */
export function useActs(batchId: Ref<number>) {
  const { message, notification } = App.useApp()
  const client = useQueryClient()
  const lastRemoved = ref<number[]>([])

  /** One after the other, in the order of the keys, however quickly they are pressed. */
  let before: Promise<unknown> = Promise.resolve()

  function act(ids: number[], what: Omit<Act, 'ids'>): Promise<boolean> {
    const now = before.then(() => send(ids, what))
    before = now
    return now
  }

  async function send(ids: number[], what: Omit<Act, 'ids'>): Promise<boolean> {
    if (ids.length === 0) return false
    try {
      const result = (await need(
        api.POST('/api/v1/batches/{id}/pictures/act', {
          params: { path: { id: batchId.value } },
          body: { ...what, ids },
        }),
      )) as ActResult
      sayRefused(result)
      await Promise.all([
        client.invalidateQueries({ queryKey: keys.pictures(batchId.value) }),
        client.invalidateQueries({ queryKey: keys.batch(batchId.value) }),
        client.invalidateQueries({ queryKey: keys.removed(batchId.value) }),
      ])
      return result.done > 0
    } catch (error) {
      void message.error(sentenceOf(error))
      return false
    }
  }

  function sayRefused(result: ActResult) {
    const first = result.refused[0]
    if (!first) return
    const many = result.refused.length
    notification.warning({
      message:
        many === 1 ? '1 picture was left as it is' : `${many} pictures were left as they are`,
      description: `${first.fileName}: ${first.problem}`,
    })
  }

  async function remove(ids: number[]) {
    lastRemoved.value = ids
    if (!(await act(ids, { action: 'remove' }))) {
      lastRemoved.value = []
      return
    }
    const many = ids.length === 1 ? '1 picture' : `${ids.length.toLocaleString('en')} pictures`
    void message.info(`${many} taken out of the batch. Ctrl+Z brings back.`)
  }

  async function bringBack(ids: number[] = lastRemoved.value) {
    lastRemoved.value = []
    await act(ids, { action: 'bring-back' })
  }

  /** Puts another photograph behind a picture. */
  async function swap(picture: Picture, file: File) {
    const form = new FormData()
    form.append('file', file)
    try {
      const response = await fetch(`/api/v1/pictures/${picture.id}/original`, {
        method: 'PUT',
        body: form,
      })
      const body: unknown = await response.json().catch(() => undefined)
      if (!response.ok) throw refusedBy(body, response.status)
      await client.invalidateQueries({ queryKey: keys.pictures(batchId.value) })
      void message.success(`“${picture.fileName}” has another photograph behind it now.`)
    } catch (error) {
      void message.error(sentenceOf(error))
    }
  }

  return { act, remove, bringBack, swap }
}
