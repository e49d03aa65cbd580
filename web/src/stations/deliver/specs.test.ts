import { describe, expect, it } from 'vitest'
import { backdropOf, byteWords, DEFAULT_NAME, draft, sizeWords, toSpec } from './specs'

describe('a spec', () => {
  it('leaves out what the look decides', () => {
    const spec = toSpec(draft('Card', 800, 600, 'WEBP', 82), DEFAULT_NAME)
    expect(spec).not.toHaveProperty('backdrop')
    expect(spec).not.toHaveProperty('marginPercent')
  })

  it('becomes white where the format has no transparency', () => {
    const look = { backdrop: 'transparent' }
    expect(backdropOf(draft('a', 8, 8, 'JPEG', 90), look)).toBe('#FFFFFF')
    expect(backdropOf(draft('a', 8, 8, 'PNG', 90), look)).toBe('transparent')
    expect(backdropOf(draft('a', 8, 8, 'JPEG', 90, '#123456'), look)).toBe('#123456')
  })

  it('is said in a few words', () => {
    expect(sizeWords(draft('Card', 800, 600, 'WEBP', 82))).toBe('800 × 600 px · WebP 82')
    expect(sizeWords(draft('Cut-out', 9, 9, 'PNG', 90))).toBe('9 × 9 px · PNG')
    expect(byteWords(999)).toBe('999 bytes')
    expect(byteWords(1_250_000)).toBe('1.3 MB')
  })
})
