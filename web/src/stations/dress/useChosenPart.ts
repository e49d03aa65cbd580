import { computed, ref, watch, type ComputedRef } from 'vue'
import type { Picture } from '../../api/types'
import { changedBy, withPart, type Part, type Setting } from '../../look/look'
import type { LookBench } from './useLook'
import type { OwnChanges } from './useOwnChanges'

/** The part that is chosen, and whether what is changed counts for the look or one picture alone. */
export function useChosenPart(
  ready: ComputedRef<Picture[]>,
  shown: ComputedRef<Picture | undefined>,
  bench: LookBench,
  own: OwnChanges,
) {
  /** What is changed now counts for the picture that is shown alone. */
  const onlyHere = ref(false)
  watch(
    () => shown.value?.id,
    () => (onlyHere.value = false),
  )
  const ownParts = computed(() => (shown.value ? own.of(shown.value) : []))
  const partsOf = (picture: Picture) => changedBy(bench.parts.value, own.of(picture))
  const parts = computed(() => (shown.value ? partsOf(shown.value) : bench.parts.value))
  const chosen = computed(() => parts.value.find((p) => p.id === bench.selectedId.value))
  /** Pictures that do something otherwise than the look. */
  const differing = computed(() => ready.value.filter((p) => own.of(p).length > 0))

  function change(part: Part, key: string) {
    const isOwn = ownParts.value.some((p) => p.id === part.id)
    if (shown.value && (onlyHere.value || isOwn)) {
      bench.changeOwn(shown.value, withPart(ownParts.value, part), `${part.id} ${key}`)
    } else {
      bench.changePart(part.id, part, key)
    }
  }

  function setChosen(setting: Setting, key: string) {
    if (chosen.value) change({ ...chosen.value, setting }, key)
  }

  function switchChosen() {
    if (chosen.value) change({ ...chosen.value, on: !chosen.value.on }, '')
  }

  function choose(by: number) {
    const all = bench.parts.value
    const i = all.findIndex((p) => p.id === bench.selectedId.value)
    bench.selectedId.value = all[Math.max(0, Math.min(all.length - 1, i + by))]?.id ?? null
  }

  function takeBack(partId: string) {
    if (!shown.value) return
    const left = ownParts.value.filter((part) => part.id !== partId)
    bench.changeOwn(shown.value, left)
  }

  return {
    onlyHere,
    ownParts,
    partsOf,
    parts,
    chosen,
    differing,
    change,
    setChosen,
    switchChosen,
    choose,
    takeBack,
  }
}
