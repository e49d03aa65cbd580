import { App } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, useSpecs } from '../../api/queries'
import type { NamePart, NameRules, Spec } from '../../api/types'
import { DEFAULT_NAME, tidy, withoutNames } from '../../spec/spec'
import { useSaveSoon } from '../../shell/useSaveSoon'

const SAVE_AFTER_MS = 300

/** What a ticket without specs begins with. */
const FIRST: Spec[] = [
  { name: 'Shop square', width: 1200, height: 1200, format: 'JPEG', quality: 90 },
  { name: 'Card', width: 800, height: 600, format: 'WEBP', quality: 82 },
]

/**
 * The specs on the batch's ticket, and the names that they share. A ticket without any begins with
 * two, which are written on it as soon as something is changed.
 */
export function useTicketSpecs(batchId: Ref<number>) {
  const { message } = App.useApp()
  const client = useQueryClient()
  /** The station's batch; who leaves for another one still has specs of this one to save. */
  const id = batchId.value
  const onTicket = useSpecs(batchId)
  const specs = ref<Spec[]>(FIRST)
  const fileName = ref<NamePart[]>(DEFAULT_NAME)
  const names = ref<NameRules>({})
  /** What the server has, as text; null = not known yet. */
  let known: string | null = null
  /** What the ticket says has come; until then these are not its specs. */
  const loaded = ref(false)

  const wanted = computed<Spec[]>(() =>
    specs.value.map((spec) => ({
      ...tidy(spec),
      fileName: fileName.value,
      ...(Object.keys(tidy(names.value)).length > 0 ? { names: names.value } : {}),
    })),
  )

  watch(
    onTicket.data,
    (now) => {
      // What was saved a moment ago comes back while more is changed: the newer one stays.
      const hasUnsaved = known !== null && JSON.stringify(wanted.value) !== known
      if (now === undefined || hasUnsaved) return
      if (now.length > 0) {
        specs.value = now.map(withoutNames)
        fileName.value = (now[0]?.fileName ?? DEFAULT_NAME).map(tidy)
        names.value = tidy(now[0]?.names ?? {})
      }
      known = JSON.stringify(wanted.value)
      loaded.value = true
    },
    { immediate: true },
  )

  /** Says whether the server has them; tried again with the next change. */
  async function save(): Promise<boolean> {
    const now = wanted.value
    const asText = JSON.stringify(now)
    if (known === null || asText === known || fileName.value.length === 0) return true
    try {
      await need(
        api.PUT('/api/v1/batches/{id}/specs', { params: { path: { id } }, body: { specs: now } }),
      )
      known = asText
      client.setQueryData(keys.specs(id), now)
      return true
    } catch (error) {
      void message.error(`The ticket keeps its old specs. ${sentenceOf(error)}`)
      return false
    }
  }

  const saving = useSaveSoon(save, SAVE_AFTER_MS)
  watch(wanted, saving.soon, { deep: true })

  return { specs, fileName, names, wanted, loaded }
}
