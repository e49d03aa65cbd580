import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { EditData, EditList } from '../../api/types'
import { storageInMemory } from '../../testing/storage'

const calls: { what: string; body?: unknown; editId?: number; since?: string }[] = []
let answers: (() => unknown)[] = []

vi.mock('../../api/client', () => {
  class Refused extends Error {
    constructor(
      sentence: string,
      readonly status: number,
      readonly field?: string,
      readonly kind?: string,
    ) {
      super(sentence)
    }
  }
  const call =
    (verb: string) =>
    (
      path: string,
      init: {
        body?: unknown
        params: { path: { editId?: number }; query?: { since?: string } }
      },
    ) => {
      calls.push({
        what: `${verb} ${path.replace('/api/v1/pictures/{id}', '')}`,
        body: init.body,
        editId: init.params.path.editId,
        since: init.params.query?.since,
      })
      return verb
    }
  return {
    Refused,
    api: {
      GET: call('GET'),
      POST: call('POST'),
      PATCH: call('PATCH'),
      DELETE: call('DELETE'),
    },
    need: async () =>
      answers.shift()?.() ?? { baseVersionId: 1, state: '', changed: null, edits: [] },
    sentenceOf: (e: Error) => e.message,
  }
})

const { useEdits } = await import('./useEdits')
const { Refused } = await import('../../api/client')

const stroke = (x: number): EditData => ({
  kind: 'brush',
  mode: 'erase',
  sizePx: 20,
  softness: 0.5,
  strength: 1,
  points: [x, 1],
})
const answered: [string, string][] = []
const refused: string[] = []
const joined: number[] = []
const hooks = {
  answered: (list: EditList, edit: string) => void answered.push([list.state, edit]),
  refused: (_: string, edit: string) => void refused.push(edit),
  joined: (count: number) => void joined.push(count),
}
const list = (...ids: number[]): EditList =>
  ({
    baseVersionId: 1,
    state: ids.join(),
    changed: null,
    edits: ids.map((id) => ({
      id,
      clientKey: `k${id}`,
      edit: stroke(id),
      enabled: true,
      undone: false,
      box: null,
      problem: null,
    })),
  }) as EditList

describe('the edit list', () => {
  beforeEach(() => {
    calls.length = 0
    answered.length = 0
    refused.length = 0
    joined.length = 0
    vi.stubGlobal('localStorage', storageInMemory())
    answers = []
  })
  afterEach(() => vi.useRealTimers())

  it('shows a stroke before the server has answered', async () => {
    const edits = useEdits(4, hooks)
    edits.add('k1', stroke(1))

    expect(edits.active.value).toHaveLength(1)
    expect(edits.waiting.value).toBe(1)
    answers = [() => list(31)]
    await edits.saved()
    expect(edits.waiting.value).toBe(0)
    expect(edits.edits.value[0]?.id).toBe(31)
  })

  it('sends everything in the order of the hand', async () => {
    const edits = useEdits(4, hooks)
    edits.add('k1', stroke(1))
    edits.add('k2', stroke(2))
    edits.undo()
    edits.redo()
    edits.backToAutomatic()
    await edits.saved()

    expect(calls.map((c) => c.what)).toEqual([
      'POST /edits',
      'POST /edits',
      'POST /edits/undo',
      'POST /edits/redo',
      'DELETE /edits',
    ])
  })

  it('undoes and redoes the newest, and a new stroke ends the redo', async () => {
    const edits = useEdits(4, hooks)
    answers = [() => list(1, 2)]
    await edits.load()

    expect(edits.undo()?.id).toBe(2)
    expect(edits.made.value.map((e) => e.id)).toEqual([1])
    expect(edits.redo()?.id).toBe(2)
    edits.undo()
    edits.add('new', stroke(9))
    expect(edits.redo()).toBeUndefined()
    expect(edits.made.value).toHaveLength(2)
  })

  it('has nothing to undo when there is nothing', () => {
    const edits = useEdits(4, hooks)

    expect(edits.undo()).toBeUndefined()
    expect(edits.redo()).toBeUndefined()
    expect(calls).toHaveLength(0)
  })

  it('switches one edit off without losing it', async () => {
    const edits = useEdits(4, hooks)
    answers = [() => list(1, 2)]
    await edits.load()
    const first = edits.edits.value[0]
    if (first) edits.change(first, { enabled: false })

    expect(edits.active.value.map((e) => e.id)).toEqual([2])
    expect(edits.made.value).toHaveLength(2)
    await edits.saved()
    expect(calls.at(-1)).toMatchObject({ editId: 1, body: { enabled: false } })
  })

  it('waits and tries again while the server does not answer, and loses nothing', async () => {
    vi.useFakeTimers()
    const edits = useEdits(4, hooks)
    answers = [
      () => {
        throw new Refused('Able Batch does not answer.', 0)
      },
      () => list(5),
    ]
    edits.add('k1', stroke(1))
    await vi.advanceTimersByTimeAsync(10)
    expect(edits.trouble.value).toBe('Able Batch does not answer.')
    expect(edits.active.value).toHaveLength(1)

    await vi.advanceTimersByTimeAsync(3000)
    expect(edits.trouble.value).toBe('')
    expect(edits.edits.value[0]?.id).toBe(5)
    expect(calls).toHaveLength(2)
  })

  it('does not repeat what the server has refused for good, and says so', async () => {
    const edits = useEdits(4, hooks)
    answers = [
      () => {
        throw new Refused('No subject found in the box.', 409)
      },
    ]
    edits.add('k1', stroke(1))
    await edits.saved()

    expect(refused).toEqual(['k1'])
    expect(edits.edits.value).toHaveLength(0)
    expect(calls).toHaveLength(1)
  })

  it('tells the board in which state the server is, edit by edit', async () => {
    const edits = useEdits(4, hooks)
    answers = [() => list(1), () => list(1, 2)]
    edits.add('k1', stroke(1))
    edits.add('k2', stroke(2))
    await edits.saved()

    expect(answered).toEqual([
      ['1', 'k1'],
      ['1,2', 'k2'],
    ])
    expect(calls[1]?.since).toBe('1')
  })

  it('says when edits of somebody else come in, once', async () => {
    const edits = useEdits(4, hooks)
    answers = [() => list(1), () => list(1, 2, 3), () => list(1, 2, 3)]
    await edits.load()
    edits.catchUp()
    await edits.saved()
    edits.catchUp()
    await edits.saved()

    expect(joined).toEqual([2])
    expect(edits.made.value).toHaveLength(3)
  })

  it('sends what was not sent when the window is opened again', async () => {
    vi.useFakeTimers()
    const closed = useEdits(4, hooks)
    answers = [
      () => {
        throw new Refused('Able Batch does not answer.', 0)
      },
    ]
    closed.add('k7', stroke(7))
    await vi.advanceTimersByTimeAsync(10)
    vi.clearAllTimers()
    calls.length = 0

    const again = useEdits(4, hooks)
    answers = [() => list(1), () => list(1, 7)]
    await again.load()
    await again.saved()

    expect(calls.at(-1)).toMatchObject({ what: 'POST /edits', body: { clientKey: 'k7' } })
    expect(again.made.value.map((e) => e.clientKey)).toEqual(['k1', 'k7'])
  })

  it('stops when the picture was cut again, and goes on from the cutout that is chosen', async () => {
    const edits = useEdits(4, hooks)
    answers = [
      () => list(1),
      () => {
        throw new Refused('It was cut again meanwhile.', 409, undefined, 'cut-meanwhile')
      },
    ]
    await edits.load()
    edits.add('k2', stroke(2))
    edits.add('k3', stroke(3))
    await edits.saved()
    expect(edits.clash.value).toBe(true)

    calls.length = 0
    answers = [() => list(1), () => list(1, 2), () => list(1, 2, 3)]
    await edits.settleClash('before')
    await edits.saved()

    expect(calls.map((c) => c.what)).toEqual(['POST /edits/base', 'POST /edits', 'POST /edits'])
    expect(edits.made.value).toHaveLength(3)
    expect(edits.clash.value).toBe(false)
  })
})
