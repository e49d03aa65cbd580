import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import type { DifferingRegion, Picture } from '../../api/types'
import { aPicture } from '../../testing/aPicture'
import { useVersions } from './useVersions'

interface Sent {
  path: string
  body: { into?: number; versionId?: number; revision?: number }
  answer: (picture: Picture) => void
  refuse: (sentence: string) => void
}

const sent: Sent[] = []
const warned: string[] = []

vi.mock('ant-design-vue', () => ({
  App: { useApp: () => ({ message: { warning: (sentence: string) => warned.push(sentence) } }) },
}))
vi.mock('@tanstack/vue-query', () => ({
  useQuery: () => ({ data: ref(undefined) }),
  useQueryClient: () => ({}),
}))
vi.mock('../../api/queries', () => ({ showPicture: () => undefined }))
vi.mock('../../api/useCutBeside', () => ({ useCutBeside: () => ({}) }))
vi.mock('../../api/client', () => {
  const call = (path: string, { body }: { body: Sent['body'] }) =>
    new Promise<Picture>((answer, refuse) =>
      sent.push({ path, body, answer, refuse: (sentence) => refuse(new Error(sentence)) }),
    )
  return {
    api: { PUT: call, POST: call },
    need: (answer: Promise<unknown>) => answer,
    sentenceOf: (error: Error) => error.message,
  }
})

const REGION = { x: 1, y: 2, width: 30, height: 40 } as DifferingRegion
const picture = ref(aPicture({ id: 7, versionId: 70, revision: 5 }))
const open = () =>
  effectScope().run(() => useVersions(picture, ref(null))) as ReturnType<typeof useVersions>

beforeEach(() => {
  sent.length = 0
  warned.length = 0
})

describe('acts on versions', () => {
  it('wait for the one before and go on from what it left', async () => {
    const versions = open()

    const taken = versions.take(71, REGION)
    const chosen = versions.choose(70)
    await vi.waitFor(() => expect(sent).toHaveLength(1))
    expect(sent[0]?.body).toEqual({ into: 70, from: 71, ...REGION })
    sent[0]?.answer(aPicture({ id: 7, versionId: 72, revision: 6 }))
    expect(await taken).toBe(true)

    await vi.waitFor(() => expect(sent).toHaveLength(2))
    expect(sent[1]?.body).toEqual({ versionId: 70, revision: 6 })
    sent[1]?.answer(aPicture({ id: 7, versionId: 70, revision: 7 }))
    expect(await chosen).toBe(true)
  })

  it('take into the version that the one before made', async () => {
    const versions = open()

    void versions.take(71, REGION)
    void versions.take(71, REGION)
    await vi.waitFor(() => expect(sent).toHaveLength(1))
    sent[0]?.answer(aPicture({ id: 7, versionId: 72, revision: 6 }))

    await vi.waitFor(() => expect(sent).toHaveLength(2))
    expect(sent[1]?.body.into).toBe(72)
  })

  it('are said when they are refused, and the next one goes all the same', async () => {
    const versions = open()

    const refused = versions.choose(71)
    const next = versions.choose(72)
    await vi.waitFor(() => expect(sent).toHaveLength(1))
    sent[0]?.refuse('It has changed')
    expect(await refused).toBe(false)
    expect(warned).toEqual(['It has changed'])

    await vi.waitFor(() => expect(sent).toHaveLength(2))
    sent[1]?.answer(aPicture({ id: 7, versionId: 72, revision: 6 }))
    expect(await next).toBe(true)
  })
})
