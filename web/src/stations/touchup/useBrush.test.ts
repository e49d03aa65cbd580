import { describe, expect, it } from 'vitest'
import { firstStep, sizeOf } from './useBrush'

describe('the brush to begin with', () => {
  it('is a like share of small and of large pictures', () => {
    for (const side of [200, 800, 1600, 6000]) {
      expect(sizeOf(firstStep(side)) / side).toBeGreaterThan(0.018)
      expect(sizeOf(firstStep(side)) / side).toBeLessThan(0.026)
    }
  })

  it('is a brush for a thumbnail too', () => {
    expect(sizeOf(firstStep(16))).toBeGreaterThanOrEqual(2)
  })
})
