import { describe, expect, it } from 'vitest'
import type { Preflight, PreflightFile } from '../../api/types'
import { filesOf, filtersOf, keyOf, withProblems } from './preflight'

function file(name: string, more: Partial<PreflightFile> = {}): PreflightFile {
  return {
    name,
    pictureId: 1,
    from: 'a.jpg',
    spec: 'Card',
    specIndex: 0,
    width: 8,
    height: 6,
    format: 'PNG',
    change: 'new',
    blocked: false,
    notes: [],
    ...more,
  }
}

const note = (kind: string) => ({ kind, sentence: kind })
const FILES = [
  file('plain.png'),
  file('same.png', { change: 'same' }),
  file('large.png', { notes: [note('enlarged'), note('enlarged')] }),
  file('huge.png', { blocked: true, notes: [note('too-large')] }),
]
const PREFLIGHT: Preflight = {
  pictures: 4,
  notPassed: 1,
  files: 4,
  needALook: 2,
  blocked: 1,
  same: 1,
  content: FILES,
}

describe('what will be made', () => {
  it('can be filtered by what is there, each file counted once', () => {
    expect(filtersOf(PREFLIGHT).map((f) => [f.label, f.count])).toEqual([
      ['All', 4],
      ['Need a look', 2],
      ['Too large', 1],
      ['Enlarged', 1],
      ['As last time', 1],
    ])
    expect(filtersOf({ ...PREFLIGHT, needALook: 0, same: 0, content: [] })).toHaveLength(1)
  })

  it('shows what is blocked first, then what needs a look', () => {
    const names = (filter: string) => filesOf(PREFLIGHT, filter).map((f) => f.name)
    expect(names('')).toEqual(['huge.png', 'large.png', 'plain.png', 'same.png'])
    expect(names('look-at')).toEqual(['large.png', 'huge.png'])
    expect(names('enlarged')).toEqual(['large.png'])
    expect(names('same')).toEqual(['same.png'])
  })

  it('says of what a try has shown that it can’t be made', () => {
    const tried = withProblems(PREFLIGHT, { 0: '9,000 bytes; the most is 5,000' }, {})
    expect(tried.blocked).toBe(2)
    expect(tried.needALook).toBe(3)
    expect(filesOf(tried, 'too-heavy').map((f) => f.name)).toEqual(['plain.png'])
    expect(filtersOf(tried).map((f) => f.label)).toContain('Too heavy')
    expect(withProblems(PREFLIGHT, {}, {})).toBe(PREFLIGHT)
  })

  it('marks what may not get light enough without stopping it', () => {
    const judged = withProblems(PREFLIGHT, {}, { 0: '5,000 bytes may not be met' })
    expect(judged.blocked).toBe(PREFLIGHT.blocked)
    expect(filesOf(judged, 'weight-risk').map((f) => f.name)).toEqual(['plain.png'])
    expect(filtersOf(judged).map((f) => f.label)).toContain('Weight at risk')
  })

  it('knows a file by its picture and its spec', () => {
    expect(keyOf(file('x', { pictureId: 7, specIndex: 2 }))).toBe('7:2')
  })
})
