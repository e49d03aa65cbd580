import { describe, expect, it } from 'vitest'
import { freshSetting } from '../../look/parts'
import type { Part, SubjectPlace } from '../../look/look'
import { movedSubject, partAt, resized, sizedSubject, snapped } from './handles'

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

describe('the subject on the stage', () => {
  const place = freshSetting('subject') as SubjectPlace
  const wide = { width: 2000, height: 1000 }

  it('moves as far as the pointer, in shares of the shorter side', () => {
    const moved = movedSubject(place, 10, -10, wide)
    expect(moved.x).toBe(20)
    expect(moved.y).toBe(-10)
  })

  it('grows by what its size is measured by', () => {
    const box = { x: 25, y: 10, width: 50, height: 80 }
    expect(sizedSubject({ ...place, size: 'height', percent: 60 }, 1.5, box, wide).percent).toBe(90)
    expect(sizedSubject({ ...place, size: 'area', percent: 20 }, 2, box, wide).percent).toBe(80)
    // 800 px high in 1,000 leave 10 % margin; a tenth more leaves 6 %.
    expect(sizedSubject({ ...place, percent: 10 }, 1.1, box, wide).percent).toBe(6)
  })

  it('is chosen where nothing lies over it', () => {
    const part = (kind: 'backdrop' | 'subject' | 'text'): Part => ({
      id: kind,
      name: kind,
      on: true,
      setting: freshSetting(kind),
    })
    const parts = [part('backdrop'), part('subject'), part('text')]
    const subject = { x: 20, y: 20, width: 60, height: 70 }
    expect(partAt(parts, subject, 50, 50)?.id).toBe('subject')
    expect(partAt(parts, subject, 50, 88)?.id).toBe('text')
    expect(partAt(parts, subject, 5, 5)?.id).toBe('backdrop')
    expect(partAt(parts, null, 50, 50)?.id).toBe('backdrop')
  })
})
