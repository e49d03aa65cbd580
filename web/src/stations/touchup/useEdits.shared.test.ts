import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { calls, list, Refused, script, silence, stroke } from '../../testing/editServer'

vi.mock('../../api/client', () => import('../../testing/editServer'))
const { useEdits } = await import('./useEdits')

let picture = 100
const joined: number[] = []
const hooks = {
  answered: () => undefined,
  refused: () => undefined,
  joined: (count: number) => void joined.push(count),
}

describe('an edit list with others, recuts and closed windows', () => {
  beforeEach(() => {
    picture++
    calls.length = 0
    script.answers = []
    joined.length = 0
  })
  afterEach(() => vi.useRealTimers())

  it('says when edits of somebody else come in, once', async () => {
    const edits = useEdits(picture, hooks)
    script.answers = [() => list(1), () => list(1, 2, 3), () => list(1, 2, 3)]
    await edits.load()
    edits.announce('1,2,3')
    await edits.saved()
    edits.announce('1,2,3')
    await edits.saved()

    expect(calls.map((c) => c.what)).toEqual(['GET /edits', 'GET /edits'])

    expect(joined).toEqual([2])
    expect(edits.made.value).toHaveLength(3)
  })

  it.each([
    ['is announced', (edits: ReturnType<typeof useEdits>) => edits.announce('1,2')],
    ['may have been missed', (edits: ReturnType<typeof useEdits>) => edits.lookAgain()],
  ])('has what %s while an older list is on its way', async (_, tell) => {
    const edits = useEdits(picture, hooks)
    script.answers = [() => list(1), () => list(1, 2)]
    const loading = edits.load()
    tell(edits)
    await loading
    await edits.saved()

    expect(calls.map((c) => c.what)).toEqual(['GET /edits', 'GET /edits'])
    expect(edits.made.value).toHaveLength(2)
  })

  it('sends what was not sent when the window is opened again', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout'] })
    const closed = useEdits(picture, hooks)
    script.answers = [silence]
    closed.add('k7', stroke(7))
    await vi.advanceTimersByTimeAsync(10)
    vi.clearAllTimers()
    calls.length = 0

    const again = useEdits(picture, hooks)
    script.answers = [() => list(1), () => list(1, 7)]
    await again.load()
    await again.saved()

    expect(calls.at(-1)).toMatchObject({ what: 'POST /edits', body: { clientKey: 'k7' } })
    expect(again.made.value.map((e) => e.clientKey)).toEqual(['k1', 'k7'])
  })

  it('stops when the picture was cut again, and goes on from the cutout that is chosen', async () => {
    const edits = useEdits(picture, hooks)
    script.answers = [
      () => list(1),
      () => {
        throw new Refused('It was cut again meanwhile.', 409, undefined, 'cut-meanwhile')
      },
    ]
    await edits.load()
    edits.add('k2', stroke(2))
    edits.add('k3', stroke(3))
    await edits.saved()
    expect(edits.clash.value).toBe(1)

    calls.length = 0
    script.answers = [() => list(1), () => list(1, 2), () => list(1, 2, 3)]
    await edits.settleClash('before')
    await edits.saved()

    expect(calls.map((c) => c.what)).toEqual(['POST /edits/base', 'POST /edits', 'POST /edits'])
    expect(edits.made.value).toHaveLength(3)
    expect(edits.clash.value).toBeNull()
  })

  it('asks which cutout to go on from when unsent edits were made over another one', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout'] })
    const closed = useEdits(picture, hooks)
    script.answers = [() => list(), silence]
    await closed.load()
    closed.add('k9', stroke(9))
    await vi.advanceTimersByTimeAsync(10)
    vi.clearAllTimers()
    calls.length = 0

    const again = useEdits(picture, hooks)
    script.answers = [() => ({ ...list(), baseVersionId: 2 })]
    await again.load()

    expect(again.clash.value).toBe(1)
    expect(calls.map((c) => c.what)).toEqual(['GET /edits'])
    script.answers = [
      () => ({ ...list(), baseVersionId: 2 }),
      () => ({ ...list(9), baseVersionId: 2 }),
    ]
    await again.settleClash('new')
    await again.saved()
    expect(calls.at(-1)).toMatchObject({ what: 'POST /edits', body: { clientKey: 'k9' } })
    expect(again.clash.value).toBeNull()
  })

  it('does not ask for what its own answers have said', async () => {
    const edits = useEdits(picture, hooks)
    script.answers = [() => list(1), () => list(1, 2)]
    edits.add('k1', stroke(1))
    edits.announce('1')
    edits.add('k2', stroke(2))
    edits.announce('1,2')
    await edits.saved()

    expect(calls.map((c) => c.what)).toEqual(['POST /edits', 'POST /edits'])
  })
})
