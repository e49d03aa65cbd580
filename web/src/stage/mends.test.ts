import { describe, expect, it } from 'vitest'
import type { Finding } from '../api/types'
import { mendWords } from './mends'

const finding = (mend: Finding['mend'], kind = 'hole'): Finding => ({
  kind,
  label: '',
  x: 0,
  y: 0,
  width: 1,
  height: 1,
  measured: 0,
  severity: 1,
  sentence: '',
  mend,
  right: false,
})

describe('what a mend does, in words', () => {
  it('says what comes back and what goes', () => {
    const mend = { goes: 'back', pixels: 24310, odds: 0.97, safe: true }
    expect(mendWords(finding(mend))).toBe('comes back: 24,310 px')
    expect(mendWords(finding({ ...mend, goes: 'away' }))).toBe('goes away: 24,310 px')
  })

  it('says what becomes of the outline', () => {
    const mend = { goes: 'along', pixels: 10, odds: 0.6, safe: false }
    expect(mendWords(finding(mend, 'edge'))).toBe('the outline is fitted')
    expect(mendWords(finding(mend, 'fringe'))).toBe('edge colours are cleaned')
  })

  it('says nothing where nothing is proposed', () => {
    expect(mendWords(finding(null))).toBe('')
  })
})
