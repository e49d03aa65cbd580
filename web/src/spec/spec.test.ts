import { describe, expect, it } from 'vitest'
import type { Spec } from '../api/types'
import {
  backdropOf,
  byteWords,
  formatWords,
  hasQuality,
  pixelsOf,
  sizeKind,
  sizeWords,
  tidy,
  wishes,
} from './spec'

const CARD: Spec = { name: 'Card', width: 800, height: 600, format: 'WEBP', quality: 82 }
const PRINT: Spec = { ...CARD, width: 4, height: 5, unit: 'in', dpi: 300, format: 'TIFF' }

describe('a spec', () => {
  it('leaves out what is not said', () => {
    expect(tidy({ ...CARD, backdrop: undefined, marginPercent: null as never })).toEqual(CARD)
  })

  it('becomes white where the format has no transparency', () => {
    const look = { backdrop: 'transparent' }
    expect(backdropOf({ ...CARD, format: 'JPEG' }, look)).toBe('#FFFFFF')
    expect(backdropOf({ ...CARD, format: 'PDF' }, look)).toBe('#FFFFFF')
    expect(backdropOf({ ...CARD, format: 'PNG' }, look)).toBe('transparent')
    expect(backdropOf({ ...CARD, backdrop: '#123456' }, look)).toBe('#123456')
  })

  it('has as many pixels as its dots an inch make of it', () => {
    expect(pixelsOf(CARD)).toEqual({ width: 800, height: 600 })
    expect(pixelsOf(PRINT)).toEqual({ width: 1200, height: 1500 })
    expect(pixelsOf({ ...PRINT, width: 100, height: 70, unit: 'mm' })).toEqual({
      width: 1181,
      height: 827,
    })
    expect(pixelsOf({ name: 'Zoom', size: 'trimmed', format: 'PNG' })).toBeNull()
  })

  it('is said in a few words', () => {
    expect(sizeWords(CARD)).toBe('800 × 600 px')
    expect(sizeWords({ ...PRINT, bleedMm: 3 })).toBe('4 × 5 in + 3 mm bleed · 300 dpi')
    expect(sizeWords({ size: 'trimmed', marginPx: 24 })).toBe('trimmed to the subject + 24 px')
    expect(sizeWords({ size: 'original', longestPx: 3000 })).toBe('original size, at most 3,000 px')
    expect(formatWords(CARD)).toBe('WebP 82')
    expect(formatWords({ ...CARD, lossless: true })).toBe('WebP, lossless')
    expect(formatWords({ format: 'TIFF', bits: 16 })).toBe('TIFF, 16 bit')
    expect(formatWords({ format: 'JPEG' })).toBe('JPEG 90')
    expect(wishes({ ...CARD, fit: 'share', sharePercent: 84, mostBytes: 500_000 })).toEqual([
      'subject fills 84 %',
      'at most 500 KB',
    ])
    expect(wishes({ size: 'trimmed', fit: 'share', enlarge: false })).toEqual(['never enlarged'])
  })

  it('knows its kind and whether it has a quality', () => {
    expect(sizeKind(CARD)).toBe('exact')
    expect(sizeKind(PRINT)).toBe('print')
    expect(hasQuality({ format: 'PNG' })).toBe(false)
    expect(hasQuality({ format: 'AVIF' })).toBe(true)
    expect(hasQuality({ format: 'WEBP', lossless: true })).toBe(false)
  })

  it('says bytes as people do', () => {
    expect(byteWords(999)).toBe('999 bytes')
    expect(byteWords(1_250_000)).toBe('1.3 MB')
  })
})
