export interface Size {
  width: number
  height: number
}

export interface Box extends Size {
  x: number
  y: number
}

export const NOTHING: Box = { x: 0, y: 0, width: 0, height: 0 }

/** The smallest box around both; an empty box adds nothing. */
export function union(a: Box, b: Box): Box {
  if (a.width === 0 || a.height === 0) return b
  if (b.width === 0 || b.height === 0) return a
  const x = Math.min(a.x, b.x)
  const y = Math.min(a.y, b.y)
  return {
    x,
    y,
    width: Math.max(a.x + a.width, b.x + b.width) - x,
    height: Math.max(a.y + a.height, b.y + b.height) - y,
  }
}
