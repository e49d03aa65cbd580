import { beforeEach, describe, expect, it, vi } from 'vitest'
import { calls, list, script, stroke } from '../../testing/editServer'

vi.mock('../../api/client', () => import('../../testing/editServer'))
const { editCalls } = await import('./editCalls')

/** A list in which what is known was left out. */
const sparse = (...ids: number[]) => ({
  ...list(...ids),
  edits: list(...ids).edits.map((e, i) => (i < ids.length - 1 ? { ...e, edit: null } : e)),
})

describe('the requests of an edit list', () => {
  beforeEach(() => {
    calls.length = 0
    script.answers = []
  })

  it('fill in what the server left out because it is here', async () => {
    const edits = editCalls(1, () => 's')
    script.answers = [() => list(1, 2), () => sparse(1, 2, 3)]
    await edits.all()
    const now = await edits.undo()

    expect(now.edits.map((e) => e.edit)).toEqual([stroke(1), stroke(2), stroke(3)])
  })

  it('ask for the whole list when something was left out that never was here', async () => {
    const edits = editCalls(1, () => 's')
    script.answers = [() => list(8), () => sparse(2, 3), () => list(2, 3)]
    await edits.all()
    const now = await edits.whatIsNew()

    expect(calls).toHaveLength(3)
    expect(now.edits.map((e) => e.edit)).toEqual([stroke(2), stroke(3)])
  })

  it('take what has changed instead of what was here', async () => {
    const edits = editCalls(1, () => 's')
    const moved = list(1)
    const [first] = moved.edits
    if (first) first.edit = stroke(77)
    script.answers = [() => list(1), () => moved, () => ({ ...sparse(1, 2) })]
    await edits.all()
    await edits.change(1, { edit: stroke(77) })

    expect((await edits.whatIsNew()).edits[0]?.edit).toEqual(stroke(77))
  })
})
