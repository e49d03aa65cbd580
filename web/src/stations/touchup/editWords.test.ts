import { describe, expect, it } from 'vitest'
import { detailsOf, iconOf, titleOf } from './editWords'

const AREA = { parts: [{ joining: 'add', shape: 'box', points: [0, 0, 1, 1] }] }

describe('an edit in words', () => {
  it('says what was done', () => {
    expect(titleOf({ mode: 'erase' })).toBe('Erase')
    expect(titleOf({ kind: 'brush', mode: 'restore', edgeAware: true })).toBe(
      'Restore, follows edges',
    )
    expect(titleOf({ kind: 'pick', mode: 'erase', everywhere: true })).toBe(
      'Colour erased, everywhere',
    )
    expect(titleOf({ kind: 'hint', mode: 'mixed' })).toBe('Hint: mixed edge')
    expect(titleOf({ kind: 'subject', mode: 'restore' })).toBe('Subject added')
  })

  it('says how, in short', () => {
    expect(detailsOf({ sizePx: 40, softness: 0.4 })).toBe('40 px, softness 40')
    expect(detailsOf({ sizePx: 40, within: AREA })).toBe('40 px, inside a shape')
    expect(detailsOf({ kind: 'edge', edge: { growPx: -1.5, clean: 0.7 } })).toBe(
      '1.5 px in, colours cleaned, whole outline',
    )
    expect(detailsOf({ kind: 'pick', samples: [{ tolerance: 0.09 }] })).toBe('within 9')
    expect(detailsOf({ kind: 'area', area: AREA })).toBe('1 shape')
    const frame = { kind: 'hint', mode: 'backdrop', sizePx: 20, box: [5, 5, 80, 40] }
    expect(titleOf(frame)).toBe('In a box: taken away')
    expect(detailsOf(frame)).toBe('80 × 40 px')
  })

  it('is drawn as its tool', () => {
    expect(iconOf({ mode: 'restore' })).toBe('restore')
    expect(iconOf({ kind: 'trace' })).toBe('trace')
    expect(iconOf({ kind: 'hint', mode: 'subject' })).toBe('hint')
    expect(iconOf({ kind: 'hint', mode: 'subject', box: [0, 0, 9, 9] })).toBe('subject')
  })
})
