import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { api, need } from '../../api/client'
import { methodLabel, METHODS, type Picture, type Version } from '../../api/types'
import { useCutBeside } from '../../api/useCutBeside'
import type { Table } from './useTable'

const MOST = 4

const madeBy = ({ maker, method }: Version) =>
  maker === 'hand' ? 'by hand' : maker === 'merged' ? 'merged' : methodLabel(method)

/** What "Take from" may take from: other versions, and methods that have not cut the picture yet. */
export function useSources(picture: () => Picture, table: Table) {
  const { data } = useQuery({
    queryKey: computed(() => ['versions', picture().id, picture().revision]),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/pictures/{id}/versions', { params: { path: { id: picture().id } } }),
      )) as Version[],
  })
  const { cutting, cutBeside } = useCutBeside(() => picture().id)
  const all = computed(() => data.value ?? [])

  const versions = computed(() =>
    all.value
      .filter((v) => v.id !== table.edits.baseVersionId.value)
      .slice(-MOST)
      .map((v) => ({ value: v.id, label: `${v.number} ${madeBy(v)}` })),
  )
  watch(versions, (now) => (table.version.value ??= now.at(-1)?.value ?? null))

  const methods = computed(() => {
    const done = new Set(all.value.map((v) => v.method))
    return METHODS.filter((m) => m.value !== 'auto' && !done.has(m.value))
  })

  /** Cuts by one more method and takes from that. */
  async function also(method: string) {
    const made = await cutBeside(method)
    if (made) table.version.value = made.id
  }

  return { versions, methods, cutting, also }
}

export type Sources = ReturnType<typeof useSources>
