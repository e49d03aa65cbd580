import { computed, ref, type ComputedRef, type Ref } from 'vue'
import type { Picture, Spec } from '../../api/types'
import { pixelsOf } from '../../spec/spec'
import { mostDiffering } from './differing'

const SIX = 6
const SQUARE = { width: 1200, height: 1200 }
const DRESSABLE = ['passed', 'delivered', 'left-whole']

/** Which pictures the look is seen on, and in which spec's frame. */
export function useShown(
  pictures: ComputedRef<Picture[]>,
  selectedId: Ref<number | null>,
  specs: Ref<Spec[] | undefined>,
) {
  const ready = computed(() => pictures.value.filter((p) => DRESSABLE.includes(p.state)))
  const shown = computed(() => ready.value.find((p) => p.id === selectedId.value) ?? ready.value[0])
  /** One that does as the look says, for small pictures of looks. */
  const sample = computed(() => ready.value.find((p) => p.lookChanges.length === 0))
  const frame = ref(0)
  const size = computed(() => {
    const spec = frame.value < 0 ? undefined : specs.value?.[frame.value]
    return (spec && pixelsOf(spec)) ?? SQUARE
  })

  const round = ref(0)
  const order = computed(() => mostDiffering(ready.value, shown.value))
  const six = computed(() => {
    const from = order.value.length > SIX ? (round.value * SIX) % order.value.length : 0
    return [...order.value, ...order.value].slice(from, from + Math.min(SIX, order.value.length))
  })

  function step(by: number) {
    const i = ready.value.findIndex((p) => p.id === shown.value?.id)
    const to = Math.max(0, Math.min(ready.value.length - 1, i + by))
    selectedId.value = ready.value[to]?.id ?? null
  }

  return { ready, shown, sample, frame, size, six, step, more: () => round.value++ }
}
