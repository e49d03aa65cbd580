import { describe, expect, it } from 'vitest'
import type { AreaPart } from '../../../api/types'
import {
  cornersOf,
  flat,
  handlesOf,
  isInside,
  moved,
  pairs,
  simplified,
  withPart,
  withPoint,
} from './shapes'

const part = (shape: string, ...points: number[]): AreaPart => ({ joining: 'add', shape, points })

describe('shapes', () => {
  it('have corners as they are drawn', () => {
    expect(flat(cornersOf(part('box', 1, 2, 9, 6)))).toEqual([1, 2, 9, 2, 9, 6, 1, 6])
    const ellipse = cornersOf(part('ellipse', 0, 0, 40, 20))
    expect(ellipse).toHaveLength(64)
    for (const { x, y } of ellipse) {
      expect(((x - 20) / 20) ** 2 + ((y - 10) / 10) ** 2).toBeCloseTo(1)
    }
  })

  it('are hit inside and not beside', () => {
    const outline = part('outline', 0, 0, 40, 0, 40, 40, 20, 10, 0, 40)
    expect(isInside(outline, { x: 5, y: 20 })).toBe(true)
    expect(isInside(outline, { x: 20, y: 30 })).toBe(false)
    expect(isInside(part('ellipse', 0, 0, 40, 20), { x: 2, y: 2 })).toBe(false)
  })

  it('can be taken hold of by their points, unless there are too many', () => {
    expect(handlesOf(part('box', 1, 2, 9, 6))).toHaveLength(2)
    expect(handlesOf(part('outline', ...Array.from({ length: 400 }, (_, k) => k)))).toHaveLength(0)
    expect(withPoint(part('box', 1, 2, 9, 6), 1, { x: 7, y: 8 }).points).toEqual([1, 2, 7, 8])
    expect(moved(part('box', 1, 2, 9, 6), 10, -1).points).toEqual([11, 1, 19, 5])
  })

  it('begin with one that adds', () => {
    const area = withPart(null, { ...part('box', 0, 0, 4, 4), joining: 'subtract' })
    expect(area.parts[0]?.joining).toBe('add')
    expect(withPart(area, part('box', 1, 1, 2, 2)).parts).toHaveLength(2)
  })

  it('lose the points that a straight line does not need', () => {
    const line = pairs([0, 0, 1, 0.1, 2, -0.1, 3, 0, 3, 5, 3.1, 9, 3, 10])
    expect(simplified(line, 0.5)).toEqual([
      { x: 0, y: 0 },
      { x: 3, y: 0 },
      { x: 3, y: 10 },
    ])
    expect(simplified(pairs([1, 1, 2, 2]), 5)).toHaveLength(2)
  })
})
