import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, type ComputedRef } from 'vue'
import { api, need } from '../../api/client'
import type { Batch, KeptLook } from '../../api/types'
import type { LookBench } from './useLook'
import { useLookFiles } from './useLookFiles'

export type ShelfAct = 'new' | 'copy' | 'rename' | 'file' | 'take' | 'remove'

/**
 * The looks that are kept by name, and what is done with the batch's.
 *
 * @param tell does the work and says what goes wrong
 */
export function useShelf(
  batch: ComputedRef<Batch | undefined>,
  bench: LookBench,
  tell: (work: Promise<unknown>) => Promise<void>,
) {
  const client = useQueryClient()
  const files = useLookFiles()
  const { data: looks } = useQuery({
    queryKey: ['looks'],
    queryFn: async () => (await need(api.GET('/api/v1/looks'))) as KeptLook[],
  })
  const naming = ref(false)
  const renames = ref(false)
  /** Whether the looks are seen side by side. */
  const compares = ref(false)

  function act(what: ShelfAct) {
    if (what === 'new' || what === 'rename') {
      renames.value = what === 'rename'
      naming.value = true
    } else if (what === 'copy') {
      void tell(bench.keepAsNew(`${bench.name.value} 2`))
    } else if (what === 'file' && batch.value) {
      files.save(batch.value.look.id)
    } else {
      void tell(what === 'take' ? takeFile() : remove())
    }
  }

  async function named(name: string) {
    if (renames.value) bench.rename(name)
    else await tell(bench.keepAsNew(name))
  }

  async function takeFile() {
    const kept = await files.take()
    if (kept) await bench.use(kept)
  }

  async function remove() {
    if (!batch.value) return
    await need(api.DELETE('/api/v1/looks/{id}', { params: { path: { id: batch.value.look.id } } }))
    await client.invalidateQueries({ queryKey: ['looks'] })
  }

  function take(look: KeptLook) {
    compares.value = false
    if (look.id !== batch.value?.look.id) void tell(bench.use(look))
  }

  /** The look as it became elsewhere. */
  function takeNewest() {
    const newest = looks.value?.find((look) => look.id === batch.value?.look.id)
    if (newest) void tell(bench.use(newest))
  }

  return { looks, naming, renames, compares, act, named, take, takeNewest }
}
