import { describe, expect, it } from 'vitest'
import type { Finding, Picture, ProposedMends } from '../../api/types'
import { inOrder } from './useBenchMends'

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
})
