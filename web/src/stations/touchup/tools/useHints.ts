import { ref, type Ref } from 'vue'
import type { Edit, EditData } from '../../../api/types'
import type { StagePointer } from '../../../stage/PictureStage.vue'
import { pointOf, type Hand, type Point } from './hand'
import { flat, pairs } from './shapes'

const HANDLE_SCREEN_PX = 9

/** Hints stay where they were drawn: each has a handle to move it by, and Del takes it out. */
export function useHints(
  hints: Ref<Edit[]>,
  scale: () => number,
  draw: Hand,
  change: (hint: Edit, edit: EditData) => void,
  remove: (hint: Edit) => void,
) {
  const chosen = ref<string | null>(null)
  /** How far the chosen hint has been dragged. */
  const dragged = ref<Point | null>(null)
  let from: Point | null = null

  const hit = (at: Point) =>
    hints.value.find((hint) => {
      const [first] = pairs(hint.edit.points ?? [])
      return first && Math.hypot(first.x - at.x, first.y - at.y) * scale() <= HANDLE_SCREEN_PX
    })

  function press(pointer: StagePointer) {
    const at = pointOf(pointer)
    const hint = hit(at)
    chosen.value = hint?.clientKey ?? null
    if (!hint) {
      draw.press(pointer)
      return
    }
    from = at
    dragged.value = { x: 0, y: 0 }
  }

  function move(pointer: StagePointer) {
    if (!from) {
      draw.move(pointer)
      return
    }
    const at = pointOf(pointer)
    dragged.value = { x: at.x - from.x, y: at.y - from.y }
  }

  function release(pointer?: StagePointer) {
    if (!from) {
      draw.release(pointer)
      return
    }
    const by = dragged.value
    const hint = hints.value.find((h) => h.clientKey === chosen.value)
    if (hint && by && (by.x !== 0 || by.y !== 0)) change(hint, shifted(hint.edit, by))
    from = null
    dragged.value = null
  }

  /** Takes the chosen hint out; false = none is chosen. */
  function drop(): boolean {
    const hint = hints.value.find((h) => h.clientKey === chosen.value)
    if (!hint) return false
    remove(hint)
    chosen.value = null
    return true
  }

  const hand: Hand = { press, move, release }
  return { hand, chosen, dragged, drop }
}

/** Moved, a hint is about what it lies on then, and no longer about the frame that it came from. */
function shifted(edit: EditData, by: Point): EditData {
  const points = pairs(edit.points ?? []).map((p) => ({ x: p.x + by.x, y: p.y + by.y }))
  const moved = { ...edit, points: flat(points) }
  delete moved.box
  return moved
}
