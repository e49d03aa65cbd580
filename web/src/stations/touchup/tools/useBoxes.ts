import { ref } from 'vue'
import type { StagePointer } from '../../../stage/PictureStage.vue'
import type { EditData } from '../../../api/types'
import { newKey, pointOf, type Bench, type Hand, type Point } from './hand'
import type { Things } from './useThing'

const LEAST_SCREEN_PX = 6
const WIDEST_HINT_PX = 2000

/** Drag a box: what stands out in it changes sides, or another version gives what it has there. */
export function useBoxes(
  bench: Bench,
  what: () => 'subject' | 'take',
  version: () => number | null,
  things: Things,
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
    if (!held || !from) return
    const to = pointOf(pointer)
    box.value = [from, to]
    if (what() === 'subject' && isMeant(from, to)) void things.ask(framed(from, to))
  }

  function isMeant(a: Point, b: Point): boolean {
    const least = LEAST_SCREEN_PX / bench.view.scale
    return Math.abs(a.x - b.x) >= least && Math.abs(a.y - b.y) >= least
  }

  /** A hint with a frame; its mark is in the frame's middle until the server knows better. */
  function framed(a: Point, b: Point): EditData {
    const box = whole(a, b)
    const [x, y, width, height] = box
    const short = Math.min(width, height)
    // Frames are drawn loosely: only near the middle it is likely to be what is meant.
    const [across, down] = [(width - short) / 4, (height - short) / 4]
    const [cx, cy] = [x + width / 2, y + height / 2]
    return {
      kind: 'hint',
      mode: bench.settings.mode === 'restore' ? 'subject' : 'backdrop',
      wide: true,
      sizePx: Math.min(WIDEST_HINT_PX, Math.max(1, short / 5)),
      points: [cx - across, cy - down, cx + across, cy + down],
      box,
    }
  }

  function release() {
    if (!held || !box.value) return
    held = false
    const [a, b] = box.value
    box.value = null
    if (!isMeant(a, b)) {
      things.end()
      return
    }
    const key = newKey()
    if (what() === 'subject') {
      looking.value = { ...looking.value, [key]: [a, b] }
      bench.keep(framed(a, b), key)
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
    if (!held && looking.value[key]) things.end()
    looking.value = Object.fromEntries(Object.entries(looking.value).filter(([k]) => k !== key))
  }

  const hand: Hand = { press, move, release }
  return { hand, box, looking, done }
}

function whole(a: Point, b: Point): [number, number, number, number] {
  const x = Math.floor(Math.min(a.x, b.x))
  const y = Math.floor(Math.min(a.y, b.y))
  return [x, y, Math.ceil(Math.max(a.x, b.x)) - x, Math.ceil(Math.max(a.y, b.y)) - y]
}
