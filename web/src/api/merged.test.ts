import { describe, expect, it } from 'vitest'
import { aPicture } from '../testing/aPicture'
import { merged } from './batchEvents'

const list = [1, 2, 3].map((id) => aPicture({ id, place: id }))

describe('pictures read one by one', () => {
  it('take the place of their older selves', () => {
    const newer = aPicture({ id: 2, place: 2, state: 'passed' })
    expect(merged(list, [2], [newer]).map((p) => p.state)).toEqual(['waiting', 'passed', 'waiting'])
  })

  it('are gone when the server does not give them any more', () => {
    expect(merged(list, [1, 3], [aPicture({ id: 3, place: 3 })]).map((p) => p.id)).toEqual([2, 3])
  })

  it('stand in the order of the batch when they are new', () => {
    const back = aPicture({ id: 9, place: 1.5 })
    expect(merged(list, [9], [back]).map((p) => p.id)).toEqual([1, 9, 2, 3])
  })
})
