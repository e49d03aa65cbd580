import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { Finding, Picture } from '../../api/types'
import { aPicture } from '../../testing/aPicture'
import type { LastWord } from './useLastWord'
import { useMends } from './useMends'

const sent: { method: string; path: string; body?: unknown }[] = []
const proposed = ref<unknown>(undefined)
let refuses = false

vi.mock('@tanstack/vue-query', () => ({
  useQuery: () => ({ data: proposed }),
  useQueryClient: () => ({ invalidateQueries: () => undefined, setQueryData: () => undefined }),
}))
vi.mock('../../api/queries', () => ({
  keys: { mends: () => [], pictures: () => [], answers: () => [], batch: () => [] },
  showPicture: () => undefined,
}))
vi.mock('../../api/client', () => {
  const call =
    (method: string) =>
    (path: string, options: { body?: unknown }): Promise<unknown> => {
      sent.push({ method, path, body: options.body })
      return refuses
        ? Promise.reject(new Error('It has changed'))
        : Promise.resolve({ together: 'all-of-it', mends: 1, pictures: 1 })
    }
  return {
    api: { GET: call('GET'), POST: call('POST'), DELETE: call('DELETE'), PATCH: call('PATCH') },
    need: (answer: Promise<unknown>) => answer,
    sentenceOf: (error: Error) => error.message,
  }
})

const finding = (kind: string, safe: boolean, severity = 0.8): Finding => ({
  kind,
  label: kind,
  x: 0,
  y: 0,
  width: 9,
  height: 9,
  measured: 1,
  severity,
  sentence: '',
  mend: { goes: 'away', pixels: 9, odds: safe ? 0.97 : 0.6, safe },
  right: false,
})

function mending(findings: Finding[]) {
  const picture = ref<Picture | undefined>(
    aPicture({ id: 7, versionId: 70, state: 'to-check', redrawing: false, findings }),
  )
  const chosen = ref<number | null>(null)
  const said: LastWord[] = []
  const acted = vi.fn()
  proposed.value = {
    versionId: 70,
    mends: findings.map((_, index) => ({
      finding: index,
      area: { parts: [], inverted: false, featherPx: 0 },
    })),
  }
  const mends = effectScope().run(() =>
    useMends({
      batchId: ref(1),
      picture,
      chosen,
      say: (word) => {
        if (word) said.push(word)
        return word
      },
      acted,
    }),
  )
  if (!mends) throw new Error('no scope')
  return { mends, picture, chosen, said, acted }
}

const settled = () => new Promise((done) => setTimeout(done))

beforeEach(() => {
  sent.length = 0
  refuses = false
})

describe('mends on the stage', () => {
  it('offers the worst until another finding is chosen', async () => {
    const { mends, chosen } = mending([finding('gap', true), finding('haze', false)])
    expect(mends.next.value?.finding).toBe(0)
    chosen.value = 1
    await nextTick()
    expect(mends.next.value?.finding).toBe(1)
    expect(mends.safe.value).toBe(1)
  })

  it('leaves out what is faint, said to be right, or of another version', () => {
    const { mends, picture } = mending([
      finding('gap', true, 0.1),
      { ...finding('haze', true), right: true },
      finding('hole', true),
    ])
    expect(mends.open.value.map((mend) => mend.finding)).toEqual([2])
    if (picture.value) picture.value = { ...picture.value, versionId: 71 }
    expect(mends.open.value).toEqual([])
  })

  it('takes one, goes on to the next, and says how to take it back', async () => {
    const { mends, chosen, said, acted } = mending([finding('gap', true), finding('haze', false)])
    mends.take()
    expect(mends.open.value.map((mend) => mend.finding)).toEqual([1])
    expect(chosen.value).toBe(1)
    await settled()

    expect(sent[0]?.body).toEqual({ versionId: 70, findings: [0] })
    expect(acted).toHaveBeenCalledOnce()
    expect(said[0]?.back?.label).toBe('Take back')
    await mends.takeBack()
    expect(sent.at(-1)?.method).toBe('DELETE')
    expect(mends.canTakeBack.value).toBe(false)
  })

  it('offers again what could not be taken, with the reason', async () => {
    refuses = true
    const { mends, said } = mending([finding('gap', true)])
    mends.take()
    await settled()

    expect(said[0]).toMatchObject({ sentence: 'It has changed', trouble: true })
    expect(mends.open.value).toHaveLength(1)
    expect(mends.canTakeBack.value).toBe(false)
  })

  it('takes all safe ones only where there are any', async () => {
    const { mends } = mending([finding('gap', false)])
    mends.takeSafe()
    await settled()
    expect(sent).toEqual([])
  })

  it('says that a finding is right', async () => {
    const { mends, said } = mending([finding('gap', true)])
    await mends.sayRight()

    expect(sent[0]?.path).toContain('/right')
    expect(sent[0]?.body).toEqual({ versionId: 70 })
    expect(said[0]?.sentence).toContain('is right, you said')
  })

  it('are left to the ticket, which is said, or the refusal is', async () => {
    const { mends, said } = mending([finding('haze', true)])
    await mends.letTicket(true)
    expect(sent.at(-1)).toMatchObject({ method: 'PATCH', body: { takeSafeMends: true } })
    expect(said.at(-1)?.sentence).toContain('without asking')

    refuses = true
    await mends.letTicket(false)
    expect(said.at(-1)).toMatchObject({ sentence: 'It has changed', trouble: true })
  })
})
