import type { Box } from '../../look/look'

/** A place in a frame, percent of its width and height. */
export type Snap = { box: Box; lineX: number | null; lineY: number | null }

const NEAR = 1.2

/** Draws a box to the frame's middle and edges when it comes near, and says along which line. */
export function snapped(box: Box): Snap {
  const x = nearest([box.x, box.x + box.width / 2, box.x + box.width])
  const y = nearest([box.y, box.y + box.height / 2, box.y + box.height])
  return {
    box: { ...box, x: box.x + x.by, y: box.y + y.by },
    lineX: x.line,
    lineY: y.line,
  }
}

function nearest(places: [number, number, number] | number[]): { by: number; line: number | null } {
  const [low = 0, middle = 0, high = 0] = places
  const candidates = [
    { by: 50 - middle, line: 50 },
    { by: -low, line: 0 },
    { by: 100 - high, line: 100 },
  ]
  const best = candidates.find((c) => Math.abs(c.by) < NEAR)
  return best ?? { by: 0, line: null }
}

/** A box drawn at its lower right corner. */
export function resized(box: Box, dx: number, dy: number): Box {
  return {
    ...box,
    width: Math.max(2, Math.min(200, box.width + dx)),
    height: Math.max(1, Math.min(200, box.height + dy)),
  }
}
