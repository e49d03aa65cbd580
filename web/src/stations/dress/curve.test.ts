import { describe, expect, it } from 'vitest'
import { curvePoints, movedPoint } from './curve'

describe('the curve', () => {
  it('begins with points that change nothing', () => {
    expect(curvePoints([]).every((p) => p.at === p.to)).toBe(true)
    expect(curvePoints([{ at: 0, to: 9 }])).toEqual([{ at: 0, to: 9 }])
  })

  it('never falls: a point stays between its neighbours', () => {
    const start = curvePoints([])
    expect(movedPoint(start, 2, 62.4)[2]?.to).toBe(62)
    expect(movedPoint(start, 2, 90)[2]?.to).toBe(75)
    expect(movedPoint(start, 0, -20)[0]?.to).toBe(0)
    expect(movedPoint(start, 4, 200)[4]?.to).toBe(100)
  })
})
