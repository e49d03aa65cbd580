import { ref } from 'vue'
import type { StagePointer } from '../../../stage/PictureStage.vue'
import { newKey, pointOf, type Bench, type Hand, type Point } from './hand'

const LEAST_SCREEN_PX = 6

/** Drag a box: the engine finds the subject in it, or another version gives what it has there. */
export function useBoxes(
  bench: Bench,
  what: () => 'subject' | 'take',
  version: () => number | null,
) {
  const box = ref<[Point, Point] | null>(null)
  /** Boxes that the server is looking into, by the key of their edit. */
  const looking = ref<Record<string, [Point, Point]>>({})
  let held = false

  function press(pointer: StagePointer) {
    const at = pointOf(pointer)
    held = true
    box.value = [at, at]
  }

  function move(pointer: StagePointer) {
    const from = box.value?.[0]
    if (held && from) box.value = [from, pointOf(pointer)]
  }

  function release() {
    if (!held || !box.value) return
    held = false
    const [a, b] = box.value
    box.value = null
    const least = LEAST_SCREEN_PX / bench.view.scale
    if (Math.abs(a.x - b.x) < least || Math.abs(a.y - b.y) < least) return
    const key = newKey()
    if (what() === 'subject') {
      looking.value = { ...looking.value, [key]: [a, b] }
      bench.keep({ kind: 'subject', mode: bench.settings.mode, box: whole(a, b) }, key)
      return
    }
    const versionId = version()
    if (versionId === null) return
    bench.keep(
      {
        kind: 'take',
        versionId,
        area: {
          parts: [{ joining: 'add', shape: 'box', points: [a.x, a.y, b.x, b.y] }],
          inverted: false,
          featherPx: 0,
        },
      },
      key,
    )
  }

  function done(key: string) {
    looking.value = Object.fromEntries(Object.entries(looking.value).filter(([k]) => k !== key))
  }

  const hand: Hand = { press, move, release }
  return { hand, box, looking, done }
}

function whole(a: Point, b: Point): number[] {
  const x = Math.floor(Math.min(a.x, b.x))
  const y = Math.floor(Math.min(a.y, b.y))
  return [x, y, Math.ceil(Math.max(a.x, b.x)) - x, Math.ceil(Math.max(a.y, b.y)) - y]
}
