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

/** Sizes grow by a factor, so that small brushes are as easy to hit as large ones. */
export function sizeOf(step: number): number {
  return Math.max(1, Math.round(Math.pow(LARGEST_PX, step / 100)))
}

/** The brush as it was left, also after closing the window. */
export function useBrush(): BrushSettings {
  const kept = useLocalStorage('brush', { sizeStep: 50, softness: 40, strength: 100 })
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
