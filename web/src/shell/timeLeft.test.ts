import { describe, expect, it } from 'vitest'
import { timeLeft } from './timeLeft'

describe('the time that is left', () => {
  it('is not guessed before anything is done', () => {
    expect(timeLeft(0, 5_000_000, 4000)).toBe('time not known yet')
  })

  it('weighs pictures by their pixels', () => {
    expect(timeLeft(10_000_000, 30_000_000, 10_000)).toBe('30 s')
    expect(timeLeft(10_000_000, 120_000_000, 10_000)).toBe('2 min')
    expect(timeLeft(1, 1000, 10_000)).toBe('2 h 47 min')
  })

  it('is coarse at the end', () => {
    expect(timeLeft(100, 10, 10_000)).toBe('a few seconds')
  })
})
