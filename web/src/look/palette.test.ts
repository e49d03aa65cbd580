import { describe, expect, it } from 'vitest'
import { paletteOf } from './palette'

function pixels(...runs: [number, number, number, number, number][]): Uint8ClampedArray {
  return new Uint8ClampedArray(
    runs.flatMap(([count, ...rgba]) => Array.from({ length: count }, () => rgba).flat()),
  )
}

describe('a palette', () => {
  it('has the largest share first and finds the small bright thing', () => {
    const found = paletteOf(pixels([900, 46, 125, 70, 255], [100, 230, 40, 30, 255]))
    expect(found).toEqual(['#2E7D46', '#E6281E'])
  })

  it('does not count what is see-through', () => {
    expect(paletteOf(pixels([500, 255, 0, 0, 0], [10, 0, 0, 255, 255]))).toEqual(['#0000FF'])
    expect(paletteOf(pixels([500, 255, 0, 0, 0]))).toEqual([])
  })
})
