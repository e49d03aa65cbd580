import { describe, expect, it } from 'vitest'
import { isWhole, keptPixels, NO_TRIM, pulled, trimOf } from './crop'

describe('the frame of a crop', () => {
  it('is pulled at a corner and never turned inside out', () => {
    const trim = pulled(NO_TRIM, { x: -1, y: -1 }, 0.25, 0.1)
    expect(trim).toEqual({ left: 0.25, top: 0.1, right: 0, bottom: 0 })
    expect(pulled(trim, { x: -1, y: 0 }, 5, 0).left).toBeCloseTo(0.96)
    expect(pulled(trim, { x: -1, y: -1 }, -5, -5)).toEqual(NO_TRIM)
  })

  it('is moved whole and keeps its size at the edge', () => {
    const trim = { left: 0.25, top: 0.5, right: 0.25, bottom: 0 }
    const moved = pulled(trim, { x: 0, y: 0 }, 0.5, 0.5)
    expect(moved).toEqual({ left: 0.5, top: 0.5, right: 0, bottom: 0 })
  })

  it('comes back from pixels to the same pixels', () => {
    const intake = {
      wholeWidth: 1613,
      wholeHeight: 1207,
      crop: { x: 101, y: 7, width: 1003, height: 999 },
    }
    expect(keptPixels(trimOf(intake), intake)).toEqual({ width: 1003, height: 999 })
    expect(isWhole(trimOf({ ...intake, crop: null }))).toBe(true)
  })
})
