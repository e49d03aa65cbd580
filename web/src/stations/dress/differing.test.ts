import { describe, expect, it } from 'vitest'
import { aPicture } from '../../testing/aPicture'
import { mostDiffering } from './differing'

describe('the pictures that differ most', () => {
  it('come first, whatever their order in the batch', () => {
    const square = aPicture({ id: 1, width: 100, height: 100, tellTale: '#FF00FF' })
    const alike = aPicture({ id: 2, width: 101, height: 100, tellTale: '#FA00FF' })
    const wide = aPicture({ id: 3, width: 300, height: 100, tellTale: '#00FF00' })
    const tall = aPicture({ id: 4, width: 100, height: 300, tellTale: '#FF00FF' })
    const order = mostDiffering([square, alike, wide, tall], square).map((p) => p.id)
    expect(order).toHaveLength(3)
    expect(order[2]).toBe(2)
  })

  it('are each there once, without the one that is shown', () => {
    const all = [1, 2, 3, 4, 5].map((id) => aPicture({ id }))
    const order = mostDiffering(all, all[2])
    expect(order.map((p) => p.id).sort()).toEqual([1, 2, 4, 5])
    expect(mostDiffering([], undefined)).toEqual([])
  })
})
