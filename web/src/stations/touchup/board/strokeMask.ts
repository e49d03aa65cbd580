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
 * @param raised called for every pixel that has become stronger; most of a stroke lies under what
 *   was painted before
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
  raised: (i: number, value: number) => void,
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
  const strongest = Math.floor(255 * brush.strength + 0.5)
  for (let y = top; y < bottom; y++) {
    const py = y + 0.5 - ay
    const row = (y - tile.y) * tile.width - tile.x
    const off = Math.max(0, Math.min(ay, by) - y - 0.5, y + 0.5 - Math.max(ay, by))
    if (off >= outer) continue
    const reach = Math.sqrt(outer2 - off * off) + 1
    const from = Math.max(left, Math.floor(Math.min(ax, bx) - reach))
    const to = Math.min(right, Math.ceil(Math.max(ax, bx) + reach))
    for (let x = from; x < to; x++) {
      const i = row + x
      const now = strength[i] ?? 0
      if (now >= strongest) continue
      const px = x + 0.5 - ax
      let t = length2 === 0 ? 0 : (px * dx + py * dy) / length2
      t = t < 0 ? 0 : t > 1 ? 1 : t
      const ex = px - t * dx
      const ey = py - t * dy
      const d2 = ex * ex + ey * ey
      if (d2 < outer2) {
        const u = (Math.sqrt(d2) - inner) / (outer - inner)
        const c = u < 0 ? 0 : u > 1 ? 1 : u
        const value = (255 * brush.strength * (1 - c * c * (3 - 2 * c)) + 0.5) | 0
        if (value > now) {
          strength[i] = value
          raised(i, value)
        }
      }
    }
  }
  if (right <= left || bottom <= top) return NOTHING
  return { x: left, y: top, width: right - left, height: bottom - top }
}

/** `from` moved towards `to` by `share` / 255, rounded to the nearest. */
export function towards(from: number, to: number, share: number): number {
  const v = from * (255 - share) + to * share + 127
  // v / 255 rounded down, exact below 65,536.
  return (v + 1 + (v >> 8)) >> 8
}
