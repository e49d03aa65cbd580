import { useQueryClient } from '@tanstack/vue-query'
import { watchDebounced } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import { api, need, refusedBy, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { NamePattern, Sets } from '../../api/types'

const FRESH: NamePattern = { separators: '_- .', parts: ['code'], folderIsGroup: true }

/** Codes and groups by a pattern or a list: what would come of it, live, and giving them. */
export function useSets(batchId: Ref<number>, open: Ref<boolean>) {
  const client = useQueryClient()
  const pattern = ref<NamePattern>(FRESH)
  const list = ref<File | null>(null)
  const sets = ref<Sets | null>(null)
  const problem = ref('')
  const path = () => ({ params: { path: { id: batchId.value } } })

  watch(open, async (now) => {
    if (!now) return
    list.value = null
    problem.value = ''
    const known = await need(api.GET('/api/v1/batches/{id}/sets/pattern', path())).catch(() => null)
    pattern.value = (known as NamePattern | null) ?? { ...FRESH }
  })

  watchDebounced([open, pattern, list], () => open.value && void preview(), {
    debounce: 120,
    deep: true,
  })

  async function preview() {
    try {
      sets.value = list.value ? await sendList(list.value, false) : await sendPattern()
      problem.value = ''
    } catch (error) {
      problem.value = sentenceOf(error)
    }
  }

  async function sendPattern(): Promise<Sets> {
    return (await need(
      api.POST('/api/v1/batches/{id}/sets/preview', { ...path(), body: pattern.value }),
    )) as Sets
  }

  async function sendList(file: File, give: boolean): Promise<Sets> {
    const form = new FormData()
    form.append('file', file)
    const response = await fetch(`/api/v1/batches/${batchId.value}/sets/list?give=${give}`, {
      method: 'POST',
      body: form,
    })
    const body: unknown = await response.json().catch(() => undefined)
    if (!response.ok) throw refusedBy(body, response.status)
    return body as Sets
  }

  async function give() {
    if (list.value) await sendList(list.value, true)
    else {
      await need(api.PUT('/api/v1/batches/{id}/sets/pattern', { ...path(), body: pattern.value }))
    }
    await client.invalidateQueries({ queryKey: keys.pictures(batchId.value) })
  }

  return { pattern, list, sets, problem, give }
}
