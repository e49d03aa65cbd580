import { App } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { FileWords } from '../../api/types'
import { tidy } from '../../spec/spec'

/** What the ticket lets files say of themselves; saved as it is changed. */
export function useFileWords(batchId: Ref<number>) {
  const { message } = App.useApp()
  const client = useQueryClient()
  const key = computed(() => ['file-words', batchId.value])
  const onTicket = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/file-words', { params: { path: { id: batchId.value } } }),
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

  watchDebounced(
    words,
    async (now) => {
      if (known === null || JSON.stringify(now) === known) return
      try {
        known = JSON.stringify(now)
        const kept = await need(
          api.PUT('/api/v1/batches/{id}/file-words', {
            params: { path: { id: batchId.value } },
            body: now,
          }),
        )
        client.setQueryData(key.value, kept)
      } catch (error) {
        void message.error(`The words are not kept. ${sentenceOf(error)}`)
      }
    },
    { debounce: 400, deep: true },
  )

  return words
}
