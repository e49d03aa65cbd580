import { describe, expect, it } from 'vitest'
import { aPicture } from '../../testing/aPicture'
import { byKind, KINDS, REMEDY_WORDS } from './failures'

describe('failures', () => {
  it('stand by kind, those that can be mended at once first', () => {
    const failed = [
      aPicture({ id: 1, failureKind: 'empty-picture' }),
      aPicture({ id: 2, failureKind: 'no-subject' }),
      aPicture({ id: 3, failureKind: 'empty-picture' }),
      aPicture({ id: 4, failureKind: null }),
    ]
    expect(byKind(failed).map((k) => [k.kind, k.pictures.map((p) => p.id)])).toEqual([
      ['no-subject', [2]],
      ['unexpected', [4]],
      ['empty-picture', [1, 3]],
    ])
  })

  it('each have a sentence and one thing that helps', () => {
    for (const kind of KINDS) {
      expect(kind.words).toMatch(/\.$/)
      expect(REMEDY_WORDS[kind.remedy]).toBeTruthy()
    }
  })
})
