import { App } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, useStrip } from '../../api/queries'
import type { Picture } from '../../api/types'

const USUAL_SAMPLES = 3

/** The batch's test strip: its rows and columns, and how they are changed. */
export function useStripLayout(batchId: Ref<number>, pictures: Ref<Picture[]>) {
  const { message } = App.useApp()
  const client = useQueryClient()
  const strip = useStrip(batchId)
  const busy = ref(false)

  const byId = computed(() => new Map(pictures.value.map((p) => [p.id, p])))
  const rows = computed(() =>
    (strip.data.value?.samples ?? []).flatMap((id) => {
      const picture = byId.value.get(id)
      return picture ? [picture] : []
    }),
  )
  const methods = computed(() => strip.data.value?.methods ?? [])
  const cells = computed(
    () => new Map((strip.data.value?.cells ?? []).map((c) => [`${c.pictureId} ${c.method}`, c])),
  )
  const ids = computed(() => rows.value.map((p) => p.id))

  /** Null lets the server choose. */
  async function layOut(samples: number[] | null, columns: string[] | null) {
    busy.value = true
    try {
      const laid = await need(
        api.PUT('/api/v1/batches/{id}/strip', {
          params: { path: { id: batchId.value } },
          body: {
            pictures: samples ?? undefined,
            count: USUAL_SAMPLES,
            methods: columns ?? undefined,
          },
        }),
      )
      client.setQueryData(keys.strip(batchId.value), laid)
    } catch (error) {
      void message.error(sentenceOf(error))
    } finally {
      busy.value = false
    }
  }

  function begin() {
    void layOut(null, null)
  }

  function addPicture(id: number) {
    const samples = ids.value.includes(id) ? ids.value : [...ids.value, id]
    void layOut(samples, methods.value.length > 0 ? methods.value : null)
  }

  function dropPicture(id: number) {
    const left = ids.value.filter((other) => other !== id)
    void (left.length > 0 ? layOut(left, methods.value) : clear())
  }

  function addMethod(method: string) {
    void layOut(ids.value, [...methods.value, method])
  }

  function dropMethod(method: string) {
    const left = methods.value.filter((m) => m !== method)
    if (left.length > 0) void layOut(ids.value, left)
  }

  async function clear() {
    try {
      await need(
        api.DELETE('/api/v1/batches/{id}/strip', { params: { path: { id: batchId.value } } }),
      )
      await client.invalidateQueries({ queryKey: keys.strip(batchId.value) })
    } catch (error) {
      void message.error(sentenceOf(error))
    }
  }

  const cellOf = (picture: Picture, method: string) => cells.value.get(`${picture.id} ${method}`)

  return {
    rows,
    methods,
    busy,
    cellOf,
    begin,
    addPicture,
    dropPicture,
    addMethod,
    dropMethod,
    clear,
  }
}
