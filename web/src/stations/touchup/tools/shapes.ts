import type { Area, AreaPart } from '../../../api/types'
import type { Point } from './hand'

const ELLIPSE_SIDES = 64
const MOST_HANDLES = 80

export function pairs(points: number[]): Point[] {
  const out: Point[] = []
  for (let k = 0; k + 1 < points.length; k += 2) {
    out.push({ x: points[k] ?? 0, y: points[k + 1] ?? 0 })
  }
  return out
}

export function flat(points: Point[]): number[] {
  return points.flatMap(({ x, y }) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100])
}

/** The corners that are drawn and hit. */
export function cornersOf(part: AreaPart): Point[] {
  const points = pairs(part.points)
  const [a, b] = points
  if (part.shape === 'outline' || !a || !b) return points
  if (part.shape === 'box') return [a, { x: b.x, y: a.y }, b, { x: a.x, y: b.y }]
  const rx = Math.abs(b.x - a.x) / 2
  const ry = Math.abs(b.y - a.y) / 2
  return Array.from({ length: ELLIPSE_SIDES }, (_, k) => ({
    x: (a.x + b.x) / 2 + rx * Math.cos((2 * Math.PI * k) / ELLIPSE_SIDES),
    y: (a.y + b.y) / 2 + ry * Math.sin((2 * Math.PI * k) / ELLIPSE_SIDES),
  }))
}

/** The points that a hand can take hold of; a line drawn freely has too many to show. */
export function handlesOf(part: AreaPart): Point[] {
  const points = pairs(part.points)
  return points.length > MOST_HANDLES ? [] : points
}

export function isInside(part: AreaPart, at: Point): boolean {
  let inside = false
  const corners = cornersOf(part)
  corners.forEach((a, k) => {
    const b = corners[(k + 1) % corners.length]
    if (!b || a.y <= at.y === b.y <= at.y) return
    if (at.x < a.x + ((at.y - a.y) / (b.y - a.y)) * (b.x - a.x)) inside = !inside
  })
  return inside
}

/** Whether an area as its parts make it, one after the other, holds a place. */
export function holds(area: Area, at: Point): boolean {
  return area.parts.reduce(
    (held, part) => (isInside(part, at) ? part.joining !== 'subtract' : held),
    false,
  )
}

export function moved(part: AreaPart, dx: number, dy: number): AreaPart {
  return { ...part, points: flat(pairs(part.points).map((p) => ({ x: p.x + dx, y: p.y + dy }))) }
}

export function withPoint(part: AreaPart, index: number, at: Point): AreaPart {
  return { ...part, points: flat(pairs(part.points).map((p, k) => (k === index ? at : p))) }
}

/** Drops points that a straight line would pass within a distance (Douglas & Peucker, 1973). */
export function simplified(points: Point[], within: number): Point[] {
  if (points.length < 3) return points
  const first = points[0]
  const last = points[points.length - 1]
  if (!first || !last) return points
  let worst = 0
  let at = 0
  points.forEach((p, k) => {
    const away = distanceToLine(p, first, last)
    if (away > worst) {
      worst = away
      at = k
    }
  })
  if (worst <= within) return [first, last]
  return [
    ...simplified(points.slice(0, at + 1), within).slice(0, -1),
    ...simplified(points.slice(at), within),
  ]
}

function distanceToLine(p: Point, a: Point, b: Point): number {
  const dx = b.x - a.x
  const dy = b.y - a.y
  const length2 = dx * dx + dy * dy
  const t =
    length2 === 0 ? 0 : Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / length2))
  return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
}

export function withPart(area: Area | null, part: AreaPart): Area {
  if (!area) return { parts: [{ ...part, joining: 'add' }], inverted: false, featherPx: 0 }
  return { ...area, parts: [...area.parts, part] }
}
