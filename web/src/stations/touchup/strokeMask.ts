import type { Stroke } from '../../api/types'
import { NOTHING, type Box, type Size } from '../../stage/box'

const EDGE = 0.5

/**
 * Adds one piece of a stroke's line to its strength, 0..255 a pixel. The same arithmetic as the
 * server's StrokeMask, in the same order, so that both come to the same bytes.
 *
 * @param strength of the whole picture; raised where this piece is stronger
 * @returns the pixels that this piece can reach, inside the picture
 */
export function addSegment(
  strength: Uint8Array,
  size: Size,
  stroke: Omit<Stroke, 'points'>,
  ax: number,
  ay: number,
  bx: number,
  by: number,
): Box {
  const radius = stroke.sizePx / 2
  const outer = radius + EDGE
  const inner = radius * (1 - stroke.softness) - EDGE
  const left = Math.max(0, Math.floor(Math.min(ax, bx) - outer))
  const top = Math.max(0, Math.floor(Math.min(ay, by) - outer))
  const right = Math.min(size.width, Math.ceil(Math.max(ax, bx) + outer))
  const bottom = Math.min(size.height, Math.ceil(Math.max(ay, by) + outer))
  const dx = bx - ax
  const dy = by - ay
  const length2 = dx * dx + dy * dy
  const outer2 = outer * outer
  for (let y = top; y < bottom; y++) {
    const py = y + 0.5 - ay
    for (let x = left; x < right; x++) {
      const px = x + 0.5 - ax
      let t = length2 === 0 ? 0 : (px * dx + py * dy) / length2
      t = t < 0 ? 0 : t > 1 ? 1 : t
      const ex = px - t * dx
      const ey = py - t * dy
      const d2 = ex * ex + ey * ey
      if (d2 < outer2) {
        const u = (Math.sqrt(d2) - inner) / (outer - inner)
        const c = u < 0 ? 0 : u > 1 ? 1 : u
        const value = Math.floor(255 * stroke.strength * (1 - c * c * (3 - 2 * c)) + 0.5)
        const i = y * size.width + x
        if (value > (strength[i] ?? 0)) strength[i] = value
      }
    }
  }
  if (right <= left || bottom <= top) return NOTHING
  return { x: left, y: top, width: right - left, height: bottom - top }
}

/** `from` moved towards `to` by `share` / 255, rounded to the nearest. */
export function towards(from: number, to: number, share: number): number {
  return Math.floor((from * (255 - share) + to * share + 127) / 255)
}
