import { App } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, useSpecs } from '../../api/queries'
import type { NamePart, Spec } from '../../api/types'
import { DEFAULT_NAME, SHELF, toDraft, toSpec, type Draft } from './specs'

/**
 * The specs on the batch's ticket, and the names that they share. A ticket without any begins with
 * two from the shelf, which are written on it as soon as something is changed.
 */
export function useTicketSpecs(batchId: Ref<number>) {
  const { message } = App.useApp()
  const client = useQueryClient()
  const onTicket = useSpecs(batchId)
  const specs = ref<Draft[]>(SHELF.slice(0, 2))
  const fileName = ref<NamePart[]>(DEFAULT_NAME)
  /** What the server has, as text; null = not known yet. */
  let known: string | null = null

  const wanted = computed<Spec[]>(() => specs.value.map((spec) => toSpec(spec, fileName.value)))

  watch(
    onTicket.data,
    (now) => {
      if (now === undefined) return
      if (now.length > 0) {
        specs.value = now.map(toDraft)
        fileName.value = now[0]?.fileName ?? DEFAULT_NAME
      }
      known = JSON.stringify(wanted.value)
    },
    { immediate: true },
  )

  watchDebounced(
    wanted,
    async (now) => {
      if (known === null || JSON.stringify(now) === known || fileName.value.length === 0) return
      try {
        known = JSON.stringify(now)
        await need(
          api.PUT('/api/v1/batches/{id}/specs', {
            params: { path: { id: batchId.value } },
            body: { specs: now },
          }),
        )
        client.setQueryData(keys.specs(batchId.value), now)
      } catch (error) {
        void message.error(`The ticket keeps its old specs. ${sentenceOf(error)}`)
      }
    },
    { debounce: 300, deep: true },
  )

  return { specs, fileName }
}
