import { useQuery, useQueryClient, type QueryClient } from '@tanstack/vue-query'
import { useThrottleFn } from '@vueuse/core'
import { computed, onScopeDispose, watch, type Ref } from 'vue'
import { api, need } from './client'
import type { Batch, Delivery, Picture } from './types'

const PAGE = 1000
const REFRESH_AT_MOST_EVERY_MS = 600

export const keys = {
  batches: ['batches'] as const,
  batch: (id: number) => ['batch', id] as const,
  pictures: (id: number) => ['pictures', id] as const,
  subjects: (id: number, version: number) => ['subjects', id, version] as const,
  deliveries: (id: number) => ['deliveries', id] as const,
}

export function useBatches() {
  return useQuery({
    queryKey: keys.batches,
    queryFn: async () => (await need(api.GET('/api/v1/batches'))) as Batch[],
    refetchInterval: 2000,
  })
}

export function useBatch(id: Ref<number>) {
  return useQuery({
    queryKey: computed(() => keys.batch(id.value)),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}', { params: { path: { id: id.value } } }),
      )) as Batch,
  })
}

/** Every picture of a batch, in the batch's order. */
export function usePictures(id: Ref<number>) {
  return useQuery({
    queryKey: computed(() => keys.pictures(id.value)),
    queryFn: () => allPictures(id.value),
    structuralSharing: true,
  })
}

async function allPictures(id: number): Promise<Picture[]> {
  const all: Picture[] = []
  for (let page = 0; ; page++) {
    const answer = await need(
      api.GET('/api/v1/batches/{id}/pictures', {
        params: { path: { id }, query: { page, size: PAGE, sort: 'place' } },
      }),
    )
    all.push(...((answer.content ?? []) as Picture[]))
    if (all.length >= (answer.total ?? 0) || (answer.content ?? []).length === 0) return all
  }
}

export function useDeliveries(id: Ref<number>) {
  return useQuery({
    queryKey: computed(() => keys.deliveries(id.value)),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/deliveries', { params: { path: { id: id.value } } }),
      )) as Delivery[],
  })
}

/** Puts a picture that an action answered into the list at once. */
export function showPicture(client: QueryClient, picture: Picture) {
  client.setQueryData<Picture[]>(keys.pictures(picture.batchId), (all) =>
    all?.map((p) => (p.id === picture.id ? picture : p)),
  )
}

/** Reads again what the server says has changed, a little less often than it says it. */
export function useBatchEvents(id: Ref<number>) {
  const client = useQueryClient()
  const refresh = useThrottleFn(
    () => {
      void client.invalidateQueries({ queryKey: keys.batch(id.value) })
      void client.invalidateQueries({ queryKey: keys.pictures(id.value) })
      void client.invalidateQueries({ queryKey: keys.deliveries(id.value) })
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
      source.addEventListener('changed', () => void refresh())
      // After a lost connection something may have been missed.
      source.addEventListener('hello', () => void refresh())
    },
    { immediate: true },
  )
  onScopeDispose(() => source?.close())
}
