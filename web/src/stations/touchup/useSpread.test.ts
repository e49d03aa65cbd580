import { describe, expect, it } from 'vitest'
import { wordsOf } from './useSpread'

describe('how far the edge settings went', () => {
  it('is said by place', () => {
    expect(wordsOf({ onBench: 2, inCheck: 7 })).toBe('9 more pictures (2 on the bench, 7 in Check)')
    expect(wordsOf({ onBench: 0, inCheck: 1 })).toBe('1 more picture (1 in Check)')
  })

  it('is said when there was nobody', () => {
    expect(wordsOf({ onBench: 0, inCheck: 0 })).toBe('no other picture')
  })
})
