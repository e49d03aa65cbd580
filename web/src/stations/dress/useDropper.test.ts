import { describe, expect, it } from 'vitest'
import { newDropper } from './useDropper'

describe('the dropper', () => {
  it('gives the colour that is clicked on to the row that asked', async () => {
    const dropper = newDropper()
    const asked = dropper.pick()
    expect(dropper.picking.value).toBe(true)
    dropper.take('#2E7D46')
    expect(await asked).toBe('#2E7D46')
    expect(dropper.picking.value).toBe(false)
  })

  it('gives nothing when it is given up, or another row asks', async () => {
    const dropper = newDropper()
    const first = dropper.pick()
    const second = dropper.pick()
    expect(await first).toBeNull()
    expect(dropper.picking.value).toBe(true)
    dropper.stop()
    expect(await second).toBeNull()
  })
})
