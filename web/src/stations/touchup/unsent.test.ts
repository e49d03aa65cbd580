import 'fake-indexeddb/auto'
import { describe, expect, it, vi } from 'vitest'
import { unsentOf } from './unsent'

const stroke = (...points: number[]) => ({ kind: 'brush', points })

describe('edits that wait for the server', () => {
  it('are there in the order of the hand, each picture’s own', async () => {
    const one = unsentOf(1)
    one.add({ clientKey: 'b', edit: stroke(1), baseVersionId: 7 })
    one.add({ clientKey: 'a', edit: stroke(2), baseVersionId: null })
    unsentOf(2).add({ clientKey: 'c', edit: stroke(3), baseVersionId: 8 })

    expect(await one.all()).toEqual([
      { clientKey: 'b', edit: stroke(1), baseVersionId: 7 },
      { clientKey: 'a', edit: stroke(2), baseVersionId: null },
    ])
    expect((await unsentOf(2).all()).map((e) => e.clientKey)).toEqual(['c'])
  })

  it('grow under the hand and keep their place', async () => {
    const unsent = unsentOf(3)
    const edit = stroke(1, 1)
    unsent.add({ clientKey: 'first', edit, baseVersionId: 7 })
    edit.points.push(9, 9)
    unsent.add({ clientKey: 'second', edit: stroke(5), baseVersionId: 7 })
    expect((await unsent.all())[0]?.edit.points).toEqual([1, 1])

    unsent.add({ clientKey: 'first', edit, baseVersionId: 7 })

    expect((await unsent.all()).map((e) => e.edit.points)).toEqual([[1, 1, 9, 9], [5]])
  })

  it('are forgotten once the server has them', async () => {
    const unsent = unsentOf(4)
    unsent.add({ clientKey: 'sent', edit: stroke(1), baseVersionId: 7 })
    unsent.remove('sent')
    expect(await unsent.all()).toEqual([])
  })

  it('are on the disk, not only on their way there', async () => {
    const asked = vi.spyOn(IDBDatabase.prototype, 'transaction')
    const unsent = unsentOf(5)
    unsent.add({ clientKey: 'kept', edit: stroke(1), baseVersionId: 7 })
    await unsent.all()
    expect(asked).toHaveBeenCalledWith('edits', 'readwrite', { durability: 'strict' })
  })
})
