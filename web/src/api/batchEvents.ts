import { useQueryClient, type QueryClient } from '@tanstack/vue-query'
import { useThrottleFn } from '@vueuse/core'
import { onScopeDispose, watch, type Ref } from 'vue'
import { api, need } from './client'
import { tellMayBeMended, tellMended } from './mended'
import { keys } from './queries'
import type { Picture } from './types'

const REFRESH_AT_MOST_EVERY_MS = 600

/** An answer may have been read from the database so long before it came. */
const LONGEST_ANSWER_MS = 10_000

/** What is read of a batch beside its pictures. */
const OF_THE_BATCH = ['batch', 'run', 'strip', 'uploads', 'removed', 'specs', 'deliveries'] as const

/** More changed pictures than this are read as a whole list. */
const MOST_SINGLY = 300

/**
 * Reads again what the server says has changed, a little less often than it says it: of a large
 * batch only the pictures that changed.
 */
export function useBatchEvents(id: Ref<number>) {
  const client = useQueryClient()
  let changed = new Set<number>()
  let all = false

  const refresh = useThrottleFn(
    () => {
      // A list on its way may have been read before they changed.
      if (changed.size > 0 && client.isFetching({ queryKey: keys.pictures(id.value) }) > 0) {
        setTimeout(() => void refresh(), REFRESH_AT_MOST_EVERY_MS)
        return
      }
      const ids = changed
      changed = new Set()
      if (all || ids.size > MOST_SINGLY) {
        void client.invalidateQueries({ queryKey: keys.pictures(id.value) })
      } else if (ids.size > 0) {
        void readChanged(client, id.value, [...ids])
      }
      all = false
      for (const key of OF_THE_BATCH) {
        void client.invalidateQueries({ queryKey: keys[key](id.value) })
      }
    },
    REFRESH_AT_MOST_EVERY_MS,
    true,
  )
  let source: EventSource | undefined
  watch(
    id,
    (batchId) => {
      source?.close()
      source = new EventSource(`/api/v1/batches/${batchId}/events`)
      source.addEventListener('changed', (event: MessageEvent<string>) => {
        const { pictures } = JSON.parse(event.data) as { pictures: number[] }
        pictures.forEach((picture) => changed.add(picture))
        void refresh()
      })
      source.addEventListener('mended', (event: MessageEvent<string>) => {
        const { states } = JSON.parse(event.data) as { states: Record<number, string> }
        for (const [id, state] of Object.entries(states)) tellMended(Number(id), state)
      })
      const openedAt = Date.now()
      // Before the first word, or after a lost connection, something may have been missed.
      source.addEventListener('hello', (event: MessageEvent<string>) => {
        const { quietMillis } = JSON.parse(event.data) as { quietMillis: number }
        tellMayBeMended()
        if (!mayHaveMissed(client, batchId, quietMillis, openedAt)) return
        all = true
        void refresh()
      })
    },
    { immediate: true },
  )
  onScopeDispose(() => source?.close())
}

/**
 * Whether anything of the batch that was read may be from before its last change.
 *
 * @param quietMs so long nothing has changed, as the server knows
 * @param openedAt when what is on its way was asked for at the earliest
 */
function mayHaveMissed(client: QueryClient, batchId: number, quietMs: number, openedAt: number) {
  return [...OF_THE_BATCH, 'pictures' as const].some((key) => {
    const state = client.getQueryState(keys[key](batchId))
    const readAt = state?.dataUpdatedAt || openedAt
    return state !== undefined && quietMs < Date.now() - readAt + LONGEST_ANSWER_MS
  })
}

async function readChanged(client: QueryClient, batchId: number, ids: number[]) {
  if (client.getQueryData(keys.pictures(batchId)) === undefined) return
  try {
    const answer = await need(
      api.GET('/api/v1/batches/{id}/pictures', {
        params: { path: { id: batchId }, query: { ids } },
        querySerializer: { array: { style: 'form', explode: false } },
      }),
    )
    const read = (answer.content ?? []) as Picture[]
    client.setQueryData<Picture[]>(keys.pictures(batchId), (now) =>
      now === undefined ? now : merged(now, ids, read),
    )
  } catch {
    void client.invalidateQueries({ queryKey: keys.pictures(batchId) })
  }
}

/**
 * A list in which some pictures are read anew: those that were asked for and not given are gone,
 * new ones stand in their place.
 */
export function merged(now: Picture[], asked: number[], read: Picture[]): Picture[] {
  const wanted = new Set(asked)
  const fresh = new Map(read.map((p) => [p.id, p]))
  const kept = now.flatMap((p) => {
    if (!wanted.has(p.id)) return [p]
    const newer = fresh.get(p.id)
    fresh.delete(p.id)
    return newer ? [newer] : []
  })
  if (fresh.size === 0) return kept
  return [...kept, ...fresh.values()].sort((a, b) => a.place - b.place)
}
