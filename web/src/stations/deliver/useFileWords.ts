import { App } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { FileWords } from '../../api/types'
import { tidy } from '../../spec/spec'
import { useSaveSoon } from '../../shell/useSaveSoon'

const SAVE_AFTER_MS = 400

/** What the ticket lets files say of themselves; saved as it is changed. */
export function useFileWords(batchId: Ref<number>) {
  const { message } = App.useApp()
  const client = useQueryClient()
  /** The station's batch; who leaves for another one still has words of this one to save. */
  const id = batchId.value
  const key = ['file-words', id]
  const onTicket = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/file-words', { params: { path: { id } } }),
      )) as FileWords,
  })
  const words = ref<FileWords>({})
  let known: string | null = null

  watch(
    onTicket.data,
    (now) => {
      const hasUnsaved = known !== null && JSON.stringify(words.value) !== known
      if (now === undefined || hasUnsaved) return
      words.value = tidy(now)
      known = JSON.stringify(words.value)
    },
    { immediate: true },
  )

  /** Says whether the server has them; tried again with the next change, or when files are made. */
  async function save(): Promise<boolean> {
    const now = words.value
    const asText = JSON.stringify(now)
    if (known === null || asText === known) return true
    try {
      const kept = await need(
        api.PUT('/api/v1/batches/{id}/file-words', { params: { path: { id } }, body: now }),
      )
      known = asText
      client.setQueryData(key, kept)
      return true
    } catch (error) {
      void message.error(`The words are not kept. ${sentenceOf(error)}`)
      return false
    }
  }

  const saving = useSaveSoon(save, SAVE_AFTER_MS)
  watch(words, saving.soon, { deep: true })

  return { words, kept: onTicket.data, save: saving.now }
}
