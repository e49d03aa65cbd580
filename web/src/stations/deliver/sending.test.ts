import { describe, expect, it } from 'vitest'
import type { Sending } from '../../api/types'
import { sendingWords } from './sending'

const NOW = Date.parse('2026-11-29T04:00:00Z')
const sending = (more: Partial<Sending>): Sending => ({
  id: 1,
  deliveryId: 1,
  shop: 'http://127.0.0.1:1',
  state: 'running',
  there: 3,
  waiting: 1,
  refused: 0,
  silentUntil: null,
  nextTryAt: null,
  createdAt: '2026-11-29T03:00:00Z',
  finishedAt: null,
  ...more,
})

describe('how far a sending is', () => {
  it('counts what is there', () => {
    expect(sendingWords(sending({}), NOW)).toBe('3 of 4 there')
    expect(sendingWords(sending({ waiting: 0, refused: 1, state: 'done' }), NOW)).toBe(
      '3 of 4 there · 1 not taken',
    )
  })

  it('says when it tries again', () => {
    const later = { nextTryAt: '2026-11-29T04:00:08Z' }
    expect(sendingWords(sending(later), NOW)).toBe('3 of 4 there · next try in 8 s')
    expect(sendingWords(sending({ ...later, silentUntil: '2026-11-29T04:04:00Z' }), NOW)).toBe(
      '3 of 4 there · the shop can’t be reached, next try in 4 min',
    )
  })

  it('tries nothing once it is stopped', () => {
    const stopped = sending({ state: 'stopped', nextTryAt: '2026-11-29T04:00:08Z' })
    expect(sendingWords(stopped, NOW)).toBe('3 of 4 there · stopped')
  })
})
