import { describe, expect, it } from 'vitest'
import type { Area, Edit, Finding, Picture, ProposedMends } from '../../api/types'
import { inOrder, isAgainst, type Offer } from './useBenchMends'

const finding = (kind: string, severity: number) =>
  ({ kind, severity, right: false, mend: { goes: 'away' } }) as Finding
const picture = {
  findings: [
    finding('gap', 0.9),
    finding('haze', 0.6),
    finding('leftover', 0.5),
    finding('hole', 0.1),
  ],
  remark: { reason: 'leftover' },
} as Picture
const proposed = {
  versionId: 7,
  mends: [0, 1, 2, 3].map((index) => ({
    finding: index,
    area: { parts: [], inverted: false, featherPx: 0 },
    edit: { kind: 'settle' },
  })),
} as ProposedMends

describe('what the bench offers', () => {
  it('begins with what the checker pointed at, then the worst', () => {
    expect(inOrder(picture, proposed).map((o) => o.finding.kind)).toEqual([
      'leftover',
      'gap',
      'haze',
    ])
  })

  it('leaves out what was said to be right', () => {
    const right = { ...picture, findings: picture.findings.map((f) => ({ ...f, right: true })) }
    expect(inOrder(right, proposed)).toEqual([])
  })

  it('never takes back what somebody has said', () => {
    const box = (joining: string, points: number[]) => ({ joining, shape: 'box', points })
    const area = { parts: [box('add', [0, 0, 9, 9]), box('subtract', [3, 3, 6, 6])] } as Area
    const offer = { index: 0, finding: finding('gap', 0.9), area, edit: {} } as Offer
    const said = (mode: string, points: number[]) =>
      [{ edit: { kind: 'hint', mode, points } }] as Edit[]

    expect(isAgainst(offer, said('subject', [20, 20, 1, 1]))).toBe(true)
    expect(isAgainst(offer, said('backdrop', [1, 1]))).toBe(false)
    expect(isAgainst(offer, said('subject', [4, 4]))).toBe(false)
  })
})
