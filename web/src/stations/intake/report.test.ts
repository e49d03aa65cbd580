import { describe, expect, it } from 'vitest'
import { aPicture } from '../../testing/aPicture'
import { flagsOf, NO_SIEVE, sieved, tallied, tooSmall } from './report'

const LOOK = { backdrop: 'transparent', marginPercent: 10 }
const SQUARE = { name: 'Square', width: 1000, height: 1000, format: 'JPEG' }

describe('the intake report', () => {
  it('calls a photograph too small when even all of it must be enlarged', () => {
    expect(tooSmall(aPicture({ width: 700, height: 600 }), [SQUARE], LOOK)).toBe(true)
    expect(tooSmall(aPicture({ width: 900, height: 600 }), [SQUARE], LOOK)).toBe(false)
    expect(tooSmall(aPicture({ width: 10, height: 10 }), [], LOOK)).toBe(false)
  })

  it('names what is noteworthy', () => {
    const intake = {
      ...aPicture({}).intake,
      blurred: true,
      profile: 'Wide Gamut RGB',
      bits: 16,
      hasPlace: true,
      duplicateOf: 3,
      picturesInFile: 12,
    }
    const ticket = { specs: [], look: LOOK, coded: true }

    expect(flagsOf(aPicture({ intake }), ticket)).toEqual([
      'blurred',
      'duplicate',
      'several',
      'profile',
      'deep',
      'place',
      'no-code',
    ])
    expect(flagsOf(aPicture({ code: 'QG-1' }), ticket)).toEqual([])
  })

  it('does not call sRGB another profile', () => {
    const intake = { ...aPicture({}).intake, profile: 'sRGB IEC61966-2.1' }
    expect(flagsOf(aPicture({ intake }), { specs: [], look: LOOK, coded: false })).toEqual([])
  })

  it('shows what passes every wish, and one of several flags is enough', () => {
    const a = aPicture({ id: 1, format: 'PNG', group: 'spades', fileName: 'Spade one.png' })
    const b = aPicture({
      id: 2,
      format: 'JPEG',
      group: null,
      code: 'QG-7',
      state: 'passed',
      fileName: 'rake.jpg',
    })
    const flags = new Map([
      [1, ['blurred' as const]],
      [2, ['too-small' as const]],
    ])
    const seen = (wish: object) => sieved([a, b], { ...NO_SIEVE, ...wish }, flags).map((p) => p.id)

    expect(seen({})).toEqual([1, 2])
    expect(seen({ flags: ['blurred', 'too-small'] })).toEqual([1, 2])
    expect(seen({ flags: ['too-small'] })).toEqual([2])
    expect(seen({ format: 'PNG' })).toEqual([1])
    expect(seen({ group: '' })).toEqual([2])
    expect(seen({ text: 'spade' })).toEqual([1])
    expect(seen({ text: 'qg-7' })).toEqual([2])
    expect(seen({ notCut: true })).toEqual([1])
  })

  it('counts values, the most frequent first', () => {
    expect(tallied(['b', 'a', 'b', null])).toEqual([
      { value: 'b', count: 2 },
      { value: '', count: 1 },
      { value: 'a', count: 1 },
    ])
  })
})
