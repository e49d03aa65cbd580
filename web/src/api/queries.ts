import { useQuery, useQueryClient, type QueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, need } from './client'
import type { Batch, Delivery, Picture, Run, Spec, Strip, Uploads } from './types'

const PAGE = 1000

export const keys = {
  batches: ['batches'] as const,
  batch: (id: number) => ['batch', id] as const,
  pictures: (id: number) => ['pictures', id] as const,
  subjects: (id: number, version: number) => ['subjects', id, version] as const,
  run: (id: number) => ['run', id] as const,
  strip: (id: number) => ['strip', id] as const,
  specs: (id: number) => ['specs', id] as const,
  uploads: (id: number) => ['uploads', id] as const,
  mends: (id: number, version: number | null) => ['mends', id, version] as const,
  answers: (id: number) => ['answers', id] as const,
  removed: (id: number) => ['removed', id] as const,
  deliveries: (id: number) => ['deliveries', id] as const,
}

export function useBatches() {
  return useQuery({
    queryKey: keys.batches,
    queryFn: async () => (await need(api.GET('/api/v1/batches'))) as Batch[],
    refetchInterval: 2000,
  })
}

/** Whoever comes from the floor has seen the batch there and need not wait for it again. */
export function useBatch(id: Ref<number>) {
  const client = useQueryClient()
  return useQuery({
    queryKey: computed(() => keys.batch(id.value)),
    placeholderData: () =>
      client.getQueryData<Batch[]>(keys.batches)?.find((batch) => batch.id === id.value),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}', { params: { path: { id: id.value } } }),
      )) as Batch,
  })
}

/**
 * Every picture of a batch, in the batch's order.
 *
 * @param mayBegin false = something else is wanted first
 */
export function usePictures(id: Ref<number>, mayBegin: Ref<boolean>) {
  return useQuery({
    queryKey: computed(() => keys.pictures(id.value)),
    queryFn: () => allPictures(id.value),
    enabled: mayBegin,
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

/** How far the run is; while one runs, its clock goes on between events. */
export function useRun(id: Ref<number>) {
  return useQuery({
    queryKey: computed(() => keys.run(id.value)),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/run', { params: { path: { id: id.value } } }),
      )) as Run,
    refetchInterval: (query) => {
      const run = query.state.data
      return run && run.waiting + run.inWork.length > 0 ? 1000 : false
    },
  })
}

export function useStrip(id: Ref<number>) {
  return useQuery({
    queryKey: computed(() => keys.strip(id.value)),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/strip', { params: { path: { id: id.value } } }),
      )) as Strip,
  })
}

/** What is on its way into a batch, as the server sees it. */
export function useServerUploads(id: Ref<number>) {
  return useQuery({
    queryKey: computed(() => keys.uploads(id.value)),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/uploads', { params: { path: { id: id.value } } }),
      )) as Uploads,
  })
}

/** The specs on the batch's ticket. */
export function useSpecs(id: Ref<number>) {
  return useQuery({
    queryKey: computed(() => keys.specs(id.value)),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/specs', { params: { path: { id: id.value } } }),
      )) as Spec[],
  })
}

export function useRemoved(id: Ref<number>) {
  return useQuery({
    queryKey: computed(() => keys.removed(id.value)),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/removed', { params: { path: { id: id.value } } }),
      )) as Picture[],
  })
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
