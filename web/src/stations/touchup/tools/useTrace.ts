import { ref } from 'vue'
import type { StagePointer } from '../../../stage/PictureStage.vue'
import { pointOf, type Bench, type Hand, type Point } from './hand'
import { flat, simplified } from './shapes'

const WITHIN_SCREEN_PX = 1.5

/** Draws a thin part along the pointer; with Alt a press takes the line's colour from there. */
export function useTrace(bench: Bench, colourAt: (at: Point) => Promise<string | null>) {
  const line = ref<Point[]>([])
  let held = false

  const { settings } = bench

  function press(pointer: StagePointer) {
    const at = pointOf(pointer)
    if (pointer.event.altKey) {
      void colourAt(at).then((colour) => (settings.lineColour = colour))
      return
    }
    held = true
    line.value = [at]
  }

  function move(pointer: StagePointer) {
    if (held) line.value = [...line.value, pointOf(pointer)]
  }

  function release() {
    if (!held) return
    held = false
    const points = simplified(line.value, WITHIN_SCREEN_PX / bench.view.scale)
    line.value = []
    if (points.length < 2) return
    bench.keep({
      kind: 'trace',
      points: flat(points),
      fromPx: settings.fromPx,
      toPx: settings.toPx,
      softness: settings.lineSoftness / 100,
      strength: settings.opacity / 100,
      ...(settings.lineColour ? { colour: settings.lineColour } : {}),
    })
  }

  const hand: Hand = { press, move, release }
  return { hand, line }
}
