import { ref } from 'vue'
import type { EditData } from '../../../api/types'
import type { StagePointer } from '../../../stage/PictureStage.vue'
import { pointOf, type Bench, type Hand, type Point } from './hand'

const FIRST_TOLERANCE = 0.03
const PER_SCREEN_PX = 0.0012

type Sample = { x: number; y: number; tolerance: number; subtract: boolean }

/**
 * Press on a colour and drag: to the right takes more, to the left less; what would go is shown while
 * the button is held, and letting it go does it. With Shift the colour joins the last pick, with Alt
 * it is taken out of it.
 */
export function usePick(
  bench: Bench,
  lastPick: () => EditData | undefined,
  changeLast: (edit: EditData) => void,
) {
  const at = ref<(Point & { tolerance: number }) | null>(null)
  let start: StagePointer['event'] | null = null
  let joined: Sample[] = []

  const { settings } = bench

  function press(pointer: StagePointer) {
    start = pointer.event
    const last = pointer.event.shiftKey || pointer.event.altKey ? lastPick() : undefined
    joined = (last?.samples ?? []) as Sample[]
    at.value = { ...pointOf(pointer), tolerance: FIRST_TOLERANCE }
    look()
  }

  function edit(): EditData {
    const sample: Sample = {
      x: at.value?.x ?? 0,
      y: at.value?.y ?? 0,
      tolerance: at.value?.tolerance ?? 0,
      subtract: joined.length > 0 && (start?.altKey ?? false),
    }
    return {
      kind: 'pick',
      mode: settings.mode,
      samples: [...joined, sample],
      everywhere: settings.everywhere,
      inverted: settings.inverted,
      ...(settings.limit && bench.area.value ? { within: bench.area.value } : {}),
    }
  }

  const look = () => bench.trial.show(edit())

  function move(pointer: StagePointer) {
    if (!start || !at.value) return
    const dragged = pointer.event.clientX - start.clientX
    const tolerance = Math.max(0, Math.min(1, FIRST_TOLERANCE + dragged * PER_SCREEN_PX))
    at.value = { ...at.value, tolerance: Math.round(tolerance * 1000) / 1000 }
    look()
  }

  function release() {
    if (!start) return
    if (joined.length > 0) changeLast(edit())
    else bench.keep(edit())
    start = null
    at.value = null
  }

  const hand: Hand = { press, move, release }
  return { hand, at }
}
