import { inject, provide, ref, type InjectionKey, type Ref } from 'vue'

export type Dropper = {
  /** True while a click on the stage takes a colour. */
  picking: Ref<boolean>
  /** The colour that is clicked on next; null when it is given up. */
  pick: () => Promise<string | null>
  take: (colour: string) => void
  stop: () => void
}

const KEY: InjectionKey<Dropper> = Symbol('dropper')

/** One at a time asks; who asks later takes the place of who asked before. */
export function newDropper(): Dropper {
  const picking = ref(false)
  let waiting: ((colour: string | null) => void) | null = null

  function end(colour: string | null) {
    picking.value = false
    waiting?.(colour)
    waiting = null
  }

  return {
    picking,
    pick: () => {
      end(null)
      picking.value = true
      return new Promise((resolve) => (waiting = resolve))
    },
    take: (colour) => end(colour),
    stop: () => end(null),
  }
}

/** A dropper for a station: its colour rows ask for a colour, its stage gives it. */
export function provideDropper(): Dropper {
  const dropper = newDropper()
  provide(KEY, dropper)
  return dropper
}

export function useDropper(): Dropper {
  const dropper = inject(KEY)
  if (!dropper) throw new Error('no stage gives colours here')
  return dropper
}
