import { describe, expect, it, test } from 'vitest'
import type { Finding } from '../../api/types'
import { aPicture } from '../../testing/aPicture'
import { headline, kindsIn, safeMendsIn, sieved } from './findings'

function aFinding(kind: string, severity: number): Finding {
  return {
    kind,
    label: `label of ${kind}`,
    x: 0,
    y: 0,
    width: 10,
    height: 10,
    measured: 1,
    severity,
    sentence: '',
    mend: null,
    right: false,
  }
}

const gap = aPicture({ id: 1, confidence: 40, group: 'A', findings: [aFinding('gap', 0.8)] })
const note = aPicture({ id: 2, confidence: 90, group: 'B', findings: [aFinding('haze', 0.2)] })
const both = aPicture({
  id: 3,
  confidence: 60,
  method: 'plain',
  findings: [aFinding('haze', 0.7), aFinding('gap', 0.5), aFinding('gap', 0.4)],
})

test('the queue names the worst finding, and faint ones are nothing', () => {
  expect(headline(gap)).toBe('label of gap')
  expect(headline(note)).toBe('nothing found')
  expect(headline(aPicture({ inspected: false }))).toBe('being looked over')
})

test('kinds are counted once a picture, without faint ones', () => {
  expect(kindsIn([gap, note, both]).map((k) => [k.kind, k.count])).toEqual([
    ['gap', 2],
    ['haze', 1],
  ])
})

test('the sheet is sieved by kind, group and method', () => {
  const all = [gap, note, both]
  const sieve = { kind: null, group: null, method: null }
  const ids = (change: object) => sieved(all, { ...sieve, ...change }).map((p) => p.id)
  expect(ids({})).toEqual([1, 2, 3])
  expect(ids({ kind: 'gap' })).toEqual([1, 3])
  expect(ids({ kind: 'none' })).toEqual([2])
  expect(ids({ group: 'A' })).toEqual([1])
  expect(ids({ method: 'plain' })).toEqual([3])
})

describe('what could be mended at once', () => {
  const mend = (safe: boolean) => ({ goes: 'away', pixels: 9, odds: safe ? 0.97 : 0.6, safe })
  const haze = (safe: boolean) => ({ ...aFinding('haze', 0.7), mend: mend(safe) })
  const waits = (id: number, findings: Finding[]) =>
    aPicture({ id, state: 'to-check', confidence: 1, group: null, findings })

  it('is what is safe, serious and still open', () => {
    const found = safeMendsIn([
      waits(1, [haze(true), haze(false), { ...haze(true), right: true }]),
      waits(2, [haze(true), { ...aFinding('gap', 0.1), mend: mend(true) }]),
      aPicture({ id: 3, state: 'passed', confidence: 1, group: null, findings: [haze(true)] }),
    ])
    expect(found.map((k) => [k.kind, k.mends])).toEqual([['haze', 2]])
    expect(found[0]?.places.map((p) => [p.picture.id, p.index])).toEqual([
      [1, 0],
      [2, 0],
    ])
  })
})
