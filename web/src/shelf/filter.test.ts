import { describe, expect, it } from 'vitest'
import { isNarrowed, NOTHING, questionOf, spanOf } from './filter'

const NOON = new Date(2026, 10, 29, 12)

describe('what is looked for', () => {
  it('asks only for what is said', () => {
    expect(questionOf({ ...NOTHING, words: '  red can ' }, NOON)).toEqual({ words: 'red can' })
    expect(questionOf({ ...NOTHING, batch: '7', earlier: true }, NOON)).toEqual({
      batch: 7,
      earlier: true,
    })
  })

  it('takes days as whole days of this person’s clock', () => {
    const span = spanOf({ time: 'between', from: '2026-03-01', to: '2026-03-31' }, NOON)
    expect(new Date(span.since ?? '')).toEqual(new Date(2026, 2, 1))
    expect(new Date(span.until ?? '')).toEqual(new Date(2026, 3, 1))
  })

  it('leaves a side open whose day is not chosen', () => {
    expect(spanOf({ time: 'between', from: '', to: '2026-03-31' }, NOON).since).toBeUndefined()
  })

  it('knows last year from its first to its last moment', () => {
    const span = spanOf({ time: 'last-year', from: '', to: '' }, NOON)
    expect(new Date(span.since ?? '').getFullYear()).toBe(2025)
    expect(new Date(span.until ?? '')).toEqual(new Date(2026, 0, 1))
  })

  it('is not narrowed by showing more', () => {
    expect(isNarrowed({ ...NOTHING, earlier: true })).toBe(false)
    expect(isNarrowed({ ...NOTHING, spec: 'Card' })).toBe(true)
  })
})
