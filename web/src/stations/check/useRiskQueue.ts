import { computed, watch, type Ref } from 'vue'
import { addressOf } from '../../api/addresses'
import type { Picture, Sampling } from '../../api/types'
import { imageAt } from '../../stage/images'

const JUDGED = ['passed', 'in-touch-up', 'rejected', 'delivered']

interface Stand {
  pictures: Ref<Picture[]>
  selected: Ref<Picture | undefined>
  selectedId: Ref<number | null>
  loaded: Ref<boolean>
  sampling: Ref<Sampling | undefined>
  inSample: Ref<Set<number>>
}

/** Whose turn it is: what waits, the least trusted first, and which of them is looked at. */
export function useRiskQueue(stand: Stand) {
  const waiting = computed(() => stand.pictures.value.filter((p) => p.state === 'to-check'))
  /** What an accepted sample speaks for. */
  const others = computed(() => waiting.value.filter((p) => !stand.inSample.value.has(p.id)))
  /** While a sample decides, only its pictures are looked at. */
  const queue = computed(() =>
    waiting.value
      .filter((p) => stand.sampling.value?.verdict !== 'open' || stand.inSample.value.has(p.id))
      .sort((a, b) => (a.confidence ?? 0) - (b.confidence ?? 0) || a.place - b.place),
  )
  const judged = computed(() => stand.pictures.value.filter((p) => JUDGED.includes(p.state)).length)
  const shown = computed(() =>
    stand.selected.value?.versionId != null ? stand.selected.value : undefined,
  )

  /** Begins with the first, and goes on by itself when new work comes after the last was done. */
  watch(
    [stand.loaded, queue],
    ([, now], [, before]) => {
      const wasEmpty = !before?.length && shown.value?.state !== 'to-check'
      if ((shown.value === undefined || wasEmpty) && now[0]) stand.selectedId.value = now[0].id
    },
    { immediate: true },
  )

  /** A sample that was just drawn begins at its riskiest picture. */
  watch(
    () => stand.sampling.value?.drawnAt,
    () => {
      if (
        stand.sampling.value?.verdict === 'open' &&
        !stand.inSample.value.has(stand.selectedId.value ?? -1)
      ) {
        stand.selectedId.value = queue.value[0]?.id ?? stand.selectedId.value
      }
    },
  )

  /** The next two are decoded while somebody looks at this one. */
  watch(
    () => [stand.selectedId.value, queue.value.length],
    () => {
      const i = queue.value.findIndex((p) => p.id === stand.selectedId.value)
      for (const p of queue.value.slice(i + 1, i + 3)) {
        imageAt(addressOf.cutoutPreview(p)).catch(() => undefined)
        imageAt(addressOf.preview(p)).catch(() => undefined)
      }
    },
  )

  return { others, queue, judged, shown }
}
