import { describe, expect, it } from 'vitest'
import { elsewhereWords } from './useSpread'

describe('how far the edge settings went', () => {
  it('is said by number', () => {
    expect(elsewhereWords({ open: 9, judged: 0 })).toBe('also in 9 other pictures')
    expect(elsewhereWords({ open: 1, judged: 0 })).toBe('also in 1 other picture')
  })

  it('says what was judged since and stays', () => {
    expect(elsewhereWords({ open: 2, judged: 3 })).toBe('also in 5 other pictures; 3 judged since')
    expect(elsewhereWords({ open: 0, judged: 1 })).toBe('also in 1 other picture, all judged since')
  })
})
