import { describe, expect, it } from 'vitest'
import type { Kind, Part } from './look'
import { freeId, freshSetting, KINDS, placeFor } from './parts'
import { directionWords, partWords, sampleCss, wordsOf } from './words'

const part = (kind: Kind, id: string = kind): Part => ({
  id,
  name: id,
  on: true,
  setting: freshSetting(kind),
})

describe('a look', () => {
  it('has words for every kind of part', () => {
    for (const { kind } of KINDS) {
      expect(partWords(part(kind)).length, kind).toBeGreaterThan(0)
      expect(partWords({ ...part(kind), on: false })).toBe('off')
    }
  })

  it('takes a new part in where its kind usually lies', () => {
    const parts = [part('backdrop'), part('subject'), part('text')]
    expect(placeFor(parts, 'cast-shadow')).toBe(1)
    expect(placeFor(parts, 'outline')).toBe(2)
    expect(placeFor(parts, 'frame')).toBe(3)
  })

  it('gives every part an id of its own', () => {
    const parts = [part('text'), part('text', 'text-2')]
    expect(freeId(parts, 'text')).toBe('text-3')
    expect(freeId(parts, 'frame')).toBe('frame')
  })

  it('shows the pieces of a text in brackets', () => {
    expect(
      wordsOf([{ kind: 'column', name: 'Title' }, { kind: 'words', text: ', ' }, { kind: 'code' }]),
    ).toBe('[Title], [code]')
  })

  it('says where a shadow falls', () => {
    expect(directionWords(34)).toBe('right, back')
    expect(directionWords(-90)).toBe('front')
    expect(directionWords(180)).toBe('left')
  })

  it('shows a sample of its backdrop', () => {
    expect(sampleCss([part('backdrop')])).toBe('#FFFFFF')
    expect(sampleCss([{ ...part('backdrop'), on: false }])).toBe('')
  })
})
