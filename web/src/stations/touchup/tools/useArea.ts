import { ref } from 'vue'
import { api, need } from '../../../api/client'
import type { AreaPart } from '../../../api/types'
import type { StagePointer } from '../../../stage/PictureStage.vue'
import { pointOf, type Bench, type Hand, type Point } from './hand'
import { flat, handlesOf, isInside, moved, pairs, simplified, withPart, withPoint } from './shapes'

const HANDLE_SCREEN_PX = 9
const FREE_WITHIN_SCREEN_PX = 0.7
const CLOSE_SCREEN_PX = 10

type Grip =
  | { what: 'corner'; part: number; point: number }
  | { what: 'part'; part: number; from: Point; as: AreaPart }

/**
 * Draws an area shape by shape. Until it is used its points can be dragged, and its shapes moved;
 * nothing happens by letting go.
 */
export function useArea(bench: Bench, pictureId: number) {
  /** The shape that is being drawn, without what follows the pointer. */
  const drawing = ref<Point[] | null>(null)
  /** From the last point to the pointer. */
  const lead = ref<Point[]>([])
  let grip: Grip | null = null
  let dragging = false
  let leading = 0

  const { area, settings } = bench

  function put(shape: string, points: Point[]) {
    area.value = withPart(area.value, {
      joining: area.value ? settings.joining : 'add',
      shape,
      points: flat(points),
    })
    drawing.value = null
    lead.value = []
  }

  function gripAt(at: Point): Grip | null {
    const parts = area.value?.parts ?? []
    const near = HANDLE_SCREEN_PX / bench.view.scale
    for (let part = parts.length - 1; part >= 0; part--) {
      const one = parts[part]
      const point = one
        ? handlesOf(one).findIndex((h) => Math.hypot(h.x - at.x, h.y - at.y) <= near)
        : -1
      if (point >= 0) return { what: 'corner', part, point }
    }
    for (let part = parts.length - 1; part >= 0; part--) {
      const one = parts[part]
      if (one && isInside(one, at)) return { what: 'part', part, from: at, as: one }
    }
    return null
  }

  function press(pointer: StagePointer) {
    const at = pointOf(pointer)
    if (settings.shape === 'corners' || settings.shape === 'edge') {
      if (!drawing.value && (grip = gripAt(at))) return
      addCorner(at)
      return
    }
    grip = gripAt(at)
    if (grip) return
    dragging = true
    drawing.value = [at]
  }

  function addCorner(at: Point) {
    const first = drawing.value?.[0]
    const near = CLOSE_SCREEN_PX / bench.view.scale
    if (
      first &&
      (drawing.value?.length ?? 0) > 2 &&
      Math.hypot(first.x - at.x, first.y - at.y) <= near
    ) {
      close()
      return
    }
    drawing.value = [...(drawing.value ?? []), ...lead.value.slice(1, -1), at]
    lead.value = []
  }

  function move(pointer: StagePointer) {
    const at = pointOf(pointer)
    if (grip) drag(at)
    else if (dragging && drawing.value) {
      const [first] = drawing.value
      if (settings.shape === 'free') drawing.value = [...drawing.value, at]
      else if (first) drawing.value = [first, at]
    } else if (drawing.value) void follow(at)
  }

  function drag(at: Point) {
    const now = area.value
    if (!now || !grip) return
    const held = grip
    area.value = {
      ...now,
      parts: now.parts.map((part, k) => {
        if (k !== held.part) return part
        return held.what === 'corner'
          ? withPoint(part, held.point, at)
          : moved(held.as, at.x - held.from.x, at.y - held.from.y)
      }),
    }
  }

  /** The line from the last corner to the pointer: straight, or along the photograph's edges. */
  async function follow(at: Point) {
    const last = drawing.value?.at(-1)
    if (!last) return
    if (settings.shape === 'corners') {
      lead.value = [last, at]
      return
    }
    const mine = ++leading
    const line = (await need(
      api.GET('/api/v1/pictures/{id}/bench/edge-path', {
        params: {
          path: { id: pictureId },
          query: { fromX: last.x, fromY: last.y, toX: at.x, toY: at.y },
        },
      }),
    ).catch(() => flat([last, at]))) as number[]
    if (mine === leading && drawing.value?.at(-1) === last) {
      lead.value = simplified(pairs(line), FREE_WITHIN_SCREEN_PX / bench.view.scale)
    }
  }

  function release() {
    grip = null
    if (!dragging || !drawing.value) return
    dragging = false
    const [a, b] = drawing.value
    const large = a && b && (settings.shape === 'free' || (a.x !== b.x && a.y !== b.y))
    if (!large) {
      drawing.value = null
    } else if (settings.shape === 'free') {
      const line = simplified(drawing.value, FREE_WITHIN_SCREEN_PX / bench.view.scale)
      if (line.length >= 3) put('outline', line)
      else drawing.value = null
    } else {
      put(settings.shape, [a, b])
    }
  }

  /** Closes what is drawn corner by corner; false = there was nothing to close. */
  function close(): boolean {
    const corners = drawing.value
    if (!corners) return false
    if (corners.length >= 3) put('outline', corners)
    else drawing.value = null
    lead.value = []
    leading++
    return true
  }

  /** Gives up what is being drawn, else the whole area; false = there was none. */
  function drop(): boolean {
    if (drawing.value) {
      drawing.value = null
      lead.value = []
      leading++
      return true
    }
    const had = area.value !== null
    area.value = null
    return had
  }

  const hand: Hand = { press, move, release }
  return { hand, drawing, lead, close, drop }
}
