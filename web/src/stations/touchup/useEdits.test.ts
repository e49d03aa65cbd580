import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { EditList, Stroke } from '../../api/types'

const calls: { what: string; body?: unknown; editId?: number }[] = []
let answers: (() => unknown)[] = []

vi.mock('../../api/client', () => {
  class Refused extends Error {
    constructor(
      sentence: string,
      readonly status: number,
    ) {
      super(sentence)
    }
  }
  const call =
    (verb: string) =>
    (path: string, init: { body?: unknown; params: { path: { editId?: number } } }) => {
      calls.push({
        what: `${verb} ${path.replace('/api/v1/pictures/{id}', '')}`,
        body: init.body,
        editId: init.params.path.editId,
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
    need: async () => answers.shift()?.() ?? { baseVersionId: 1, edits: [] },
    sentenceOf: (e: Error) => e.message,
  }
})

const { useEdits } = await import('./useEdits')
const { Refused } = await import('../../api/client')

const stroke = (x: number): Stroke =>
  ({ mode: 'erase', sizePx: 20, softness: 0.5, strength: 1, points: [x, 1] }) as Stroke
const list = (...ids: number[]): EditList =>
  ({
    baseVersionId: 1,
    edits: ids.map((id) => ({
      id,
      clientKey: `k${id}`,
      brush: stroke(id),
      enabled: true,
      undone: false,
    })),
  }) as EditList

describe('the edit list', () => {
  beforeEach(() => {
    calls.length = 0
    answers = []
  })
  afterEach(() => vi.useRealTimers())

  it('shows a stroke before the server has answered', async () => {
    const edits = useEdits(4)
    edits.add('k1', stroke(1))

    expect(edits.active.value).toHaveLength(1)
    expect(edits.waiting.value).toBe(1)
    answers = [() => list(31)]
    await edits.saved()
    expect(edits.waiting.value).toBe(0)
    expect(edits.edits.value[0]?.id).toBe(31)
  })

  it('sends everything in the order of the hand', async () => {
    const edits = useEdits(4)
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
    const edits = useEdits(4)
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
    const edits = useEdits(4)

    expect(edits.undo()).toBeUndefined()
    expect(edits.redo()).toBeUndefined()
    expect(calls).toHaveLength(0)
  })

  it('switches one edit off without losing it', async () => {
    const edits = useEdits(4)
    answers = [() => list(1, 2)]
    await edits.load()
    const first = edits.edits.value[0]
    if (first) edits.setEnabled(first, false)

    expect(edits.active.value.map((e) => e.id)).toEqual([2])
    expect(edits.made.value).toHaveLength(2)
    await edits.saved()
    expect(calls.at(-1)).toMatchObject({ editId: 1, body: { enabled: false } })
  })

  it('waits and tries again while the server does not answer, and loses nothing', async () => {
    vi.useFakeTimers()
    const edits = useEdits(4)
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

  it('does not repeat what the server has refused for good', async () => {
    const edits = useEdits(4)
    answers = [
      () => {
        throw new Refused('This picture was cut again meanwhile.', 409)
      },
    ]
    edits.add('k1', stroke(1))
    await edits.saved()

    expect(calls).toHaveLength(1)
    expect(edits.trouble.value).toBe('This picture was cut again meanwhile.')
  })
})
