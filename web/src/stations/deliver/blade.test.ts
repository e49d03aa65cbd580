import { describe, expect, it } from 'vitest'
import { bladeWords } from './blade'

describe('what a blade will do', () => {
  it('counts what falls out, and says only what there is', () => {
    expect(bladeWords({ parts: 1, holes: 0, joined: 0, dropped: 0, filled: 0 })).toBe('1 part')
    expect(bladeWords({ parts: 2, holes: 3, joined: 4, dropped: 0, filled: 1 })).toBe(
      '2 parts · 3 holes · 4 joined by a bridge · 1 hole not cut (dashed)',
    )
  })
})
