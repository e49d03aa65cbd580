import { useQuery } from '@tanstack/vue-query'
import { computed, ref, type ComputedRef } from 'vue'
import { api, need } from '../../api/client'
import type { Batch, LookProblems, Picture } from '../../api/types'
import type { Part } from '../../look/look'
import type { LookBench } from './useLook'
import type { OwnChanges } from './useOwnChanges'

const STILL_LOOKING_MS = 700
const AGAIN_MS = 5000

/** What the look hurts on the whole set, and mending it for all of a kind. */
export function useLookProblems(
  batch: ComputedRef<Batch | undefined>,
  size: ComputedRef<{ width: number; height: number }>,
  own: OwnChanges,
  bench: LookBench,
) {
  const { data: problems } = useQuery({
    queryKey: computed(() => [
      'look-problems',
      batch.value?.id,
      batch.value?.look.versionId,
      batch.value?.look.revision,
      size.value.width,
      size.value.height,
      batch.value?.counts,
    ]),
    enabled: computed(() => batch.value !== undefined),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/batches/{id}/look-problems', {
          params: { path: { id: batch.value?.id ?? 0 }, query: size.value },
        }),
      )) as LookProblems,
    refetchInterval: (query) => {
      const now = query.state.data
      return now && now.checked < now.of ? STILL_LOOKING_MS : AGAIN_MS
    },
    placeholderData: (before) => before,
  })

  const mending = ref(false)
  /** What mended pictures did otherwise before, for taking it back; null = nothing was mended. */
  const mended = ref<Map<Picture['id'], Part[]> | null>(null)

  /** Every picture that is hurt in this way gets changes of its own. */
  async function mend(kind: string) {
    mending.value = true
    try {
      const done = await need(
        api.POST('/api/v1/batches/{id}/look-problems/mend', {
          params: { path: { id: batch.value?.id ?? 0 } },
          body: { kind, ...size.value },
        }),
      )
      // What helps all alike belongs into the look, where it can be undone like any change.
      const inLook = done.part as unknown as Part | null
      if (inLook) bench.changePart(inLook.id, inLook)
      mended.value = inLook
        ? null
        : new Map(
            (done.pictures ?? []).map((p) => [
              p.pictureId ?? 0,
              (p.parts ?? []) as unknown as Part[],
            ]),
          )
    } finally {
      mending.value = false
    }
  }

  function takeBack() {
    mended.value?.forEach((parts, id) => own.put(id, parts))
    mended.value = null
  }

  return { problems, mending, mended, mend, takeBack }
}
