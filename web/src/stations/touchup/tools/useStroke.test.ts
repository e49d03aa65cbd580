import { beforeEach, describe, expect, it } from 'vitest'
import { shallowRef } from 'vue'
import type { EditData } from '../../../api/types'
import { aBench, pointer } from '../../../testing/aBench'
import type { ToolName } from './settings'
import { useStroke } from './useStroke'

let { bench, kept, painted } = aBench()
beforeEach(() => ({ bench, kept, painted } = aBench()))

describe('the brush', () => {
  const asked: EditData[] = []
  const things = {
    thing: shallowRef(null),
    ask: (hint: EditData) => Promise.resolve(void asked.push(hint)),
    end: () => undefined,
    getReady: () => undefined,
  }
  const stroke = (tool: ToolName = 'brush') => useStroke(bench, () => tool, things)
  beforeEach(() => void (asked.length = 0))

  it('asks while a hint is drawn which thing it lies on', () => {
    const { hand } = stroke('hint')
    hand.press(pointer(10, 10))
    hand.move(pointer(30, 10))
    hand.release()

    expect(asked.map((hint) => hint.points)).toEqual([
      [10, 10],
      [10, 10, 30, 10],
    ])
    expect(kept[0]).toMatchObject({ kind: 'hint', wide: true })
  })

  it('keeps a hint narrow with Alt', () => {
    const { hand } = stroke('hint')
    hand.press(pointer(10, 10, { altKey: true }))
    hand.release()

    expect(asked).toEqual([])
    expect(kept[0]).toMatchObject({ kind: 'hint', wide: false })
  })

  it('paints at once and keeps one edit when it is let go', () => {
    const { hand } = stroke()
    hand.press(pointer(10, 10))
    hand.move(pointer(20, 14))
    hand.move(pointer(20, 14))
    hand.release()

    expect(painted).toEqual(['begin erase', 'extend', 'end'])
    expect(kept).toHaveLength(1)
    expect(kept[0]).toMatchObject({ kind: 'brush', sizePx: 40, points: [10, 10, 20, 14] })
  })

  it('goes straight on from the last point with Shift', () => {
    const { hand } = stroke()
    hand.press(pointer(10, 10))
    hand.release()
    hand.press(pointer(90, 10, { shiftKey: true }))
    hand.release()

    expect(kept[1]?.points).toEqual([10, 10, 90, 10])
  })

  it('is as wide as a pen is pressed', () => {
    const { hand } = stroke()
    hand.press(pointer(1, 1, { pointerType: 'pen', pressure: 0.25 }))
    hand.release()

    expect(kept[0]?.sizePx).toBe(20)
  })

  it('leaves a trail where the server has to work', () => {
    bench.settings.followsEdges = true
    const { hand, trails, done } = stroke()
    hand.press(pointer(10, 10))
    hand.move(pointer(30, 10))
    hand.release()

    expect(painted).toEqual([])
    expect(trails.value[0]?.points).toEqual([10, 10, 30, 10])
    done(trails.value[0]?.key ?? '')
    expect(trails.value).toHaveLength(0)
    expect(kept[0]?.edgeAware).toBe(true)
  })

  it('does not paint beyond an area on its own', () => {
    bench.settings.limit = true
    bench.area.value = { parts: [], inverted: false, featherPx: 0 }
    const { hand } = stroke()
    hand.press(pointer(10, 10))
    hand.release()

    expect(painted).toEqual([])
    expect(kept[0]?.within).toBeDefined()
  })
})
