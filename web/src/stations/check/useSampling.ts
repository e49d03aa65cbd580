import { App } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref, watch } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { Picture, Sampling } from '../../api/types'

/** The sample that is being inspected, kept up to date as verdicts are given. */
export function useSampling(batchId: Ref<number>, pictures: Ref<Picture[]>) {
  const { message } = App.useApp()
  const client = useQueryClient()
  const key = computed(() => ['sampling', batchId.value])

  const { data } = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{batchId}/sampling', {
          params: { path: { batchId: batchId.value } },
        }),
      )) as Sampling,
  })
  const current = computed(() =>
    data.value && data.value.verdict !== 'none' ? data.value : undefined,
  )
  const recorded = computed(() => data.value?.recorded ?? false)
  const inSample = computed(() => new Set(current.value?.pictures ?? []))

  /** What the verdict hangs on: the states of the sample's pictures, as the server has them. */
  const states = computed(() =>
    pictures.value
      .filter((p) => inSample.value.has(p.id))
      .map((p) => `${p.state}${p.revision}`)
      .join(),
  )
  watch(states, () => void client.invalidateQueries({ queryKey: key.value }))

  /** What a plan would ask for. */
  async function plan(level: string, limit: string): Promise<Sampling | null> {
    try {
      return (await need(
        api.GET('/api/v1/batches/{batchId}/sampling', {
          params: { path: { batchId: batchId.value }, query: { level, limit } },
        }),
      )) as Sampling
    } catch (error) {
      void message.warning(sentenceOf(error), 6)
      return null
    }
  }

  async function draw(level: string, limit: string) {
    await act(() =>
      api.POST('/api/v1/batches/{batchId}/sampling', {
        params: { path: { batchId: batchId.value } },
        body: { level, limit },
      }),
    )
  }

  async function end() {
    await act(() =>
      api.DELETE('/api/v1/batches/{batchId}/sampling', {
        params: { path: { batchId: batchId.value } },
      }),
    )
  }

  async function act(call: () => Parameters<typeof need>[0]) {
    try {
      await need(call())
    } catch (error) {
      void message.warning(sentenceOf(error), 6)
    }
    void client.invalidateQueries({ queryKey: key.value })
  }

  return { current, recorded, inSample, plan, draw, end }
}
