/** Shares of a picture's width and height that are taken off at each side. */
export interface Trim {
  left: number
  top: number
  right: number
  bottom: number
}

export const NO_TRIM: Trim = { left: 0, top: 0, right: 0, bottom: 0 }

export type Handle = { x: -1 | 0 | 1; y: -1 | 0 | 1 }

/** The corners, the sides, and, in the middle, the whole frame. */
export const HANDLES: Handle[] = [
  { x: -1, y: -1 },
  { x: 0, y: -1 },
  { x: 1, y: -1 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
  { x: -1, y: 1 },
  { x: -1, y: 0 },
]

/** So much of each side stays at least. */
const LEAST = 0.04

const clamp = (v: number, low: number, high: number) => Math.max(low, Math.min(high, v))

/**
 * A frame after a handle was pulled by shares of the picture; {0, 0} moves the whole frame and
 * never changes its size.
 */
export function pulled(trim: Trim, handle: Handle, dx: number, dy: number): Trim {
  if (handle.x === 0 && handle.y === 0) {
    const x = clamp(dx, -trim.left, trim.right)
    const y = clamp(dy, -trim.top, trim.bottom)
    return {
      left: trim.left + x,
      right: trim.right - x,
      top: trim.top + y,
      bottom: trim.bottom - y,
    }
  }
  return {
    left: handle.x < 0 ? clamp(trim.left + dx, 0, 1 - LEAST - trim.right) : trim.left,
    right: handle.x > 0 ? clamp(trim.right - dx, 0, 1 - LEAST - trim.left) : trim.right,
    top: handle.y < 0 ? clamp(trim.top + dy, 0, 1 - LEAST - trim.bottom) : trim.top,
    bottom: handle.y > 0 ? clamp(trim.bottom - dy, 0, 1 - LEAST - trim.top) : trim.bottom,
  }
}

interface Whole {
  wholeWidth: number
  wholeHeight: number
  crop: { x: number; y: number; width: number; height: number } | null
}

/** The frame that a picture has now. */
export function trimOf(intake: Whole): Trim {
  const { crop, wholeWidth: w, wholeHeight: h } = intake
  if (!crop) return NO_TRIM
  return {
    left: crop.x / w,
    top: crop.y / h,
    right: (w - crop.x - crop.width) / w,
    bottom: (h - crop.y - crop.height) / h,
  }
}

export function isWhole(trim: Trim): boolean {
  return trim.left + trim.top + trim.right + trim.bottom < 1e-6
}

/** What stays, in pixels of the original. */
export function keptPixels(trim: Trim, intake: Whole): { width: number; height: number } {
  const side = (size: number, a: number, b: number) =>
    size - Math.round(size * a) - Math.round(size * b)
  return {
    width: side(intake.wholeWidth, trim.left, trim.right),
    height: side(intake.wholeHeight, trim.top, trim.bottom),
  }
}
