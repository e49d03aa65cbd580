import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { EditList } from '../../api/types'
import { calls, list, Refused, script, silence, stroke } from '../../testing/editServer'

vi.mock('../../api/client', () => import('../../testing/editServer'))
const { useEdits } = await import('./useEdits')

let picture = 0
const answered: [string, string][] = []
const refused: string[] = []
const hooks = {
  answered: (list: EditList, edit: string) => void answered.push([list.state, edit]),
  refused: (_: string, edit: string) => void refused.push(edit),
  joined: () => undefined,
}

describe('the edit list', () => {
  beforeEach(() => {
    picture++
    calls.length = 0
    script.answers = []
    answered.length = 0
    refused.length = 0
  })
  afterEach(() => vi.useRealTimers())

  it('shows a stroke before the server has answered', async () => {
    const edits = useEdits(picture, hooks)
    edits.add('k1', stroke(1))

    expect(edits.active.value).toHaveLength(1)
    expect(edits.waiting.value).toBe(1)
    script.answers = [() => list(31)]
    await edits.saved()
    expect(edits.waiting.value).toBe(0)
    expect(edits.edits.value[0]?.id).toBe(31)
  })

  it('sends everything in the order of the hand', async () => {
    const edits = useEdits(picture, hooks)
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
    const edits = useEdits(picture, hooks)
    script.answers = [() => list(1, 2)]
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
    const edits = useEdits(picture, hooks)

    expect(edits.undo()).toBeUndefined()
    expect(edits.redo()).toBeUndefined()
    expect(calls).toHaveLength(0)
  })

  it('switches one edit off without losing it', async () => {
    const edits = useEdits(picture, hooks)
    script.answers = [() => list(1, 2)]
    await edits.load()
    const first = edits.edits.value[0]
    if (first) edits.change(first, { enabled: false })

    expect(edits.active.value.map((e) => e.id)).toEqual([2])
    expect(edits.made.value).toHaveLength(2)
    await edits.saved()
    expect(calls.at(-1)).toMatchObject({ editId: 1, body: { enabled: false } })
  })

  it('waits and tries again while the server does not answer, and loses nothing', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout'] })
    const edits = useEdits(picture, hooks)
    script.answers = [silence, () => list(5)]
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
    const edits = useEdits(picture, hooks)
    script.answers = [
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
    const edits = useEdits(picture, hooks)
    script.answers = [() => list(1), () => list(1, 2)]
    edits.add('k1', stroke(1))
    edits.add('k2', stroke(2))
    await edits.saved()

    expect(answered).toEqual([
      ['1', 'k1'],
      ['1,2', 'k2'],
    ])
    expect(calls[1]?.since).toBe('1')
  })

  it('takes an edit out by its number although the server had not said it yet', async () => {
    const edits = useEdits(picture, hooks)
    script.answers = [() => list(1), () => list()]
    edits.add('k1', stroke(1))
    const made = edits.edits.value[0]
    if (made) edits.remove(made)
    await edits.saved()

    expect(calls.at(-1)).toMatchObject({ what: 'DELETE /edits/{editId}', editId: 1 })
  })
})
