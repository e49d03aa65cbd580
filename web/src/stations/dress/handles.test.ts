import { describe, expect, it } from 'vitest'
import { resized, snapped } from './handles'

describe('handles', () => {
  it('draw a box to the middle when it comes near', () => {
    const { box, lineX, lineY } = snapped({ x: 29.5, y: 70, width: 40, height: 10 })
    expect(box.x).toBe(30)
    expect(lineX).toBe(50)
    expect(lineY).toBeNull()
  })

  it('draw a box to the edges', () => {
    expect(snapped({ x: 0.8, y: 90.5, width: 10, height: 10 })).toEqual({
      box: { x: 0, y: 90, width: 10, height: 10 },
      lineX: 0,
      lineY: 100,
    })
  })

  it('keep a box from vanishing', () => {
    expect(resized({ x: 0, y: 0, width: 10, height: 10 }, -50, -50)).toEqual({
      x: 0,
      y: 0,
      width: 2,
      height: 1,
    })
  })
})
