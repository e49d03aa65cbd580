import { describe, expect, it } from 'vitest'
import { aPicture } from '../../testing/aPicture'
import { useSheetChoice } from './useSheetChoice'

const pictures = [40, 62, 75, 90].map((confidence, i) =>
  aPicture({ id: i + 1, place: i, confidence, group: i % 2 ? 'odd' : 'even' }),
)
const ids = (some: { id: number }[]) => some.map((p) => p.id)

describe('the choice on a contact sheet', () => {
  it('begins with what is trusted; the rest is shown at the end and left out', () => {
    const choice = useSheetChoice(() => pictures, 65)
    expect(ids(choice.toPass.value)).toEqual([3, 4])
    expect(ids(choice.shown.value)).toEqual([3, 4, 1, 2])
    expect(choice.below.value).toBe(2)
    expect(choice.words.value).toBe('Pass 2 at 65 or above')
  })

  it('follows the hand, whatever the sieve says', () => {
    const choice = useSheetChoice(() => pictures, 65)
    const [first, , third] = pictures
    if (first && third) [first, third].forEach(choice.toggle)
    expect(ids(choice.toPass.value)).toEqual([4, 1])
    expect(choice.words.value).toBe('Pass 2')
    if (first) choice.toggle(first)
    expect(ids(choice.toPass.value)).toEqual([4])
  })

  it('is narrowed by group', () => {
    const choice = useSheetChoice(() => pictures, 0)
    choice.sieve.group = 'odd'
    expect(ids(choice.toPass.value)).toEqual([2, 4])
  })

  it('passes nothing by itself where nothing is trusted', () => {
    const choice = useSheetChoice(() => pictures, 95)
    expect(choice.toPass.value).toEqual([])
    expect(choice.words.value).toBe('None at 95 or above')
  })
})
