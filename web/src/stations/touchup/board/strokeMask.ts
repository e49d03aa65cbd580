import { NOTHING, type Box } from '../../../stage/box'

const EDGE = 0.5

/** What a brush is like while it moves. */
export interface BrushShape {
  sizePx: number
  softness: number
  strength: number
}

/**
 * Adds one piece of a stroke's line to its strength, 0..255 a pixel. The same arithmetic as the
 * server's StrokeMask, in the same order, so that both come to the same bytes.
 *
 * @param strength of the tile; raised where this piece is stronger
 * @param tile where the tile lies; the line is in the same coordinates
 * @returns the pixels that this piece can reach, inside the tile
 */
export function addSegment(
  strength: Uint8Array,
  tile: Box,
  brush: BrushShape,
  ax: number,
  ay: number,
  bx: number,
  by: number,
): Box {
  const radius = brush.sizePx / 2
  const outer = radius + EDGE
  const inner = radius * (1 - brush.softness) - EDGE
  const left = Math.max(tile.x, Math.floor(Math.min(ax, bx) - outer))
  const top = Math.max(tile.y, Math.floor(Math.min(ay, by) - outer))
  const right = Math.min(tile.x + tile.width, Math.ceil(Math.max(ax, bx) + outer))
  const bottom = Math.min(tile.y + tile.height, Math.ceil(Math.max(ay, by) + outer))
  const dx = bx - ax
  const dy = by - ay
  const length2 = dx * dx + dy * dy
  const outer2 = outer * outer
  for (let y = top; y < bottom; y++) {
    const py = y + 0.5 - ay
    const row = (y - tile.y) * tile.width - tile.x
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
        const value = Math.floor(255 * brush.strength * (1 - c * c * (3 - 2 * c)) + 0.5)
        const i = row + x
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
