import { describe, expect, it } from 'vitest'
import type { Subjects } from '../../../api/types'
import { said } from './useGuidance'

const box = { x: 1, y: 2, width: 30, height: 40 }

function found(exclude: number[] = [], include: number[] = []): Subjects {
  return {
    versionId: 4,
    subjects: [
      { number: 1, box, share: 0.2, kept: true },
      { number: 2, box, share: 0.1, kept: !exclude.includes(2) },
      { number: 3, box, share: 0.01, kept: include.includes(3) },
    ],
    guidance: { boxes: [], hints: [], include, exclude },
  }
}

describe('what is said about a picture', () => {
  it('leaves out a subject that was kept, and takes in one that was not', () => {
    const guidance = said(found(), [], false, new Set([2, 3]))
    expect(guidance.exclude).toEqual([2])
    expect(guidance.include).toEqual([3])
  })

  it('takes a switch back without saying the opposite', () => {
    const guidance = said(found([2], [3]), [], false, new Set([2, 3]))
    expect(guidance.exclude).toEqual([])
    expect(guidance.include).toEqual([])
  })

  it('keeps earlier switches that were not touched', () => {
    expect(said(found([2]), [], false, new Set()).exclude).toEqual([2])
  })

  it('forgets the switches with new boxes, for the numbers are others then', () => {
    const guidance = said(found([2]), [box], true, new Set([1]))
    expect(guidance).toEqual({ boxes: [box], hints: [], include: [], exclude: [] })
  })
})
