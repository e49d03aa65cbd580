import { useLocalStorage } from '@vueuse/core'
import { computed, reactive } from 'vue'

export interface BrushSettings {
  /** 0..100 on a scale where every step is the same factor. */
  sizeStep: number
  readonly sizePx: number
  softness: number
  strength: number
}

const LARGEST_PX = 2000
/** A brush of this share of a picture is neither a speck nor half a face. */
const FIRST_SHARE = 0.022

/** Sizes grow by a factor, so that small brushes are as easy to hit as large ones. */
export function sizeOf(step: number): number {
  return Math.max(1, Math.round(Math.pow(LARGEST_PX, step / 100)))
}

/** A size that suits a picture as long as nobody has chosen one: a share of it, whatever it measures. */
export function firstStep(longSidePx: number): number {
  const px = Math.max(2, FIRST_SHARE * longSidePx)
  return Math.min(100, Math.round((100 * Math.log(px)) / Math.log(LARGEST_PX)))
}

/** The brush as it was left, also after closing the window. */
export function useBrush(longSidePx: number): BrushSettings {
  const kept = useLocalStorage(
    'brush',
    { sizeStep: firstStep(longSidePx), softness: 40, strength: 100 },
    // A size that nobody has chosen is not the next picture's.
    { writeDefaults: false },
  )
  const field = (name: 'sizeStep' | 'softness' | 'strength', low: number) =>
    computed({
      get: () => kept.value[name],
      set: (v: number) =>
        (kept.value = { ...kept.value, [name]: Math.min(100, Math.max(low, Math.round(v))) }),
    })
  return reactive({
    sizeStep: field('sizeStep', 0),
    sizePx: computed(() => sizeOf(kept.value.sizeStep)),
    softness: field('softness', 0),
    strength: field('strength', 1),
  })
}
