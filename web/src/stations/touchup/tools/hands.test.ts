import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { EditData } from '../../../api/types'
import { aBench, pointer } from '../../../testing/aBench'
import { useArea } from './useArea'
import { useBoxes } from './useBoxes'
import { useHints } from './useHints'
import { usePick } from './usePick'
import type { Things } from './useThing'
import { useTrace } from './useTrace'

vi.mock('../../../api/client', () => ({
  api: { GET: () => Promise.resolve() },
  need: () => Promise.resolve([0, 0, 10, 1, 20, 9, 30, 30]),
}))

let { bench, kept, tried } = aBench()
beforeEach(() => ({ bench, kept, tried } = aBench()))

describe('a colour pick', () => {
  it('shows what would go while it is dragged, and does it when it is let go', () => {
    const { hand } = usePick(
      bench,
      () => undefined,
      () => undefined,
    )
    hand.press(pointer(10, 10))
    hand.move(pointer(110, 10))
    expect(kept).toHaveLength(0)
    hand.release()

    const [first, last] = [tried[0], tried.at(-1)]
    expect(last?.samples?.[0]?.tolerance).toBeGreaterThan(first?.samples?.[0]?.tolerance ?? 1)
    expect(kept[0]).toEqual(last)
  })

  it('joins the last pick with Shift, and takes out of it with Alt', () => {
    const before = { kind: 'pick', samples: [{ x: 1, y: 1, tolerance: 0.1, subtract: false }] }
    const changed: EditData[] = []
    const { hand } = usePick(
      bench,
      () => before,
      (edit) => void changed.push(edit),
    )
    hand.press(pointer(10, 10, { altKey: true }))
    hand.release()

    expect(kept).toHaveLength(0)
    expect(changed[0]?.samples).toHaveLength(2)
    expect(changed[0]?.samples?.[1]?.subtract).toBe(true)
  })
})

describe('a shape', () => {
  it('stays to be changed when the button is let go', () => {
    const { hand } = useArea(bench, 1)
    hand.press(pointer(100, 100))
    hand.move(pointer(200, 180))
    hand.release()
    expect(kept).toHaveLength(0)
    expect(bench.area.value?.parts[0]?.points).toEqual([100, 100, 200, 180])

    hand.press(pointer(200, 180))
    hand.move(pointer(220, 190))
    hand.release()
    expect(bench.area.value?.parts[0]?.points).toEqual([100, 100, 220, 190])
    hand.press(pointer(150, 150))
    hand.move(pointer(160, 150))
    hand.release()
    expect(bench.area.value?.parts[0]?.points).toEqual([110, 100, 230, 190])
  })

  it('is drawn corner by corner, and closed', () => {
    bench.settings.shape = 'corners'
    const { hand, close, drawing } = useArea(bench, 1)
    for (const [x, y] of [
      [0, 0],
      [90, 0],
      [90, 90],
    ] as const) {
      hand.press(pointer(x, y))
      hand.release()
    }
    expect(close()).toBe(true)
    expect(bench.area.value?.parts[0]).toMatchObject({ shape: 'outline', joining: 'add' })
    expect(drawing.value).toBeNull()
  })

  it('follows the edge to the pointer', async () => {
    bench.settings.shape = 'edge'
    const { hand, lead, drawing } = useArea(bench, 1)
    hand.press(pointer(0, 0))
    hand.release()
    hand.move(pointer(30, 30))
    await Promise.resolve()
    await new Promise((r) => setTimeout(r))
    expect(lead.value.length).toBeGreaterThan(2)
    hand.press(pointer(30, 30))
    expect(drawing.value?.length).toBeGreaterThan(2)
  })

  it('is dropped step by step', () => {
    const { hand, drop } = useArea(bench, 1)
    hand.press(pointer(100, 100))
    hand.move(pointer(200, 180))
    hand.release()
    expect(drop()).toBe(true)
    expect(bench.area.value).toBeNull()
    expect(drop()).toBe(false)
  })
})

describe('boxes, lines and hints', () => {
  it('a frame shows what it would change, and a slip asks for nothing', () => {
    const asked: EditData[] = []
    let ended = 0
    const things = {
      ask: (hint: EditData) => void asked.push(hint),
      end: () => void ended++,
    } as unknown as Things
    const { hand, looking, done } = useBoxes(
      bench,
      () => 'subject',
      () => null,
      things,
    )
    hand.press(pointer(50, 60))
    hand.move(pointer(52, 61))
    hand.release()
    expect([kept.length, asked.length]).toEqual([0, 0])

    hand.press(pointer(90, 80))
    hand.move(pointer(50.4, 20.6))
    expect(asked).toHaveLength(1)
    hand.release()
    const frame = { kind: 'hint', mode: 'backdrop', wide: true, sizePx: 8, box: [50, 20, 40, 60] }
    expect(kept[0]).toEqual({ ...frame, points: [70, 45, 70, 55] })
    expect(asked[0]).toEqual(kept[0])
    const [key = ''] = Object.keys(looking.value)
    const before = ended
    done(key)
    expect(looking.value).toEqual({})
    expect(ended).toBe(before + 1)
  })

  it('another version gives what it has in a box, unless none is chosen', () => {
    const nothing = { ask: vi.fn(), end: vi.fn() } as unknown as Things
    const chosen = ref<number | null>(null)
    const { hand } = useBoxes(
      bench,
      () => 'take',
      () => chosen.value,
      nothing,
    )
    const drag = () => {
      hand.press(pointer(10, 10))
      hand.move(pointer(60, 40))
      hand.release()
    }
    drag()
    expect(kept).toHaveLength(0)
    chosen.value = 7
    drag()
    expect(kept[0]).toMatchObject({ kind: 'take', versionId: 7 })
    expect(nothing.ask).not.toHaveBeenCalled()
  })

  it('a line is kept without the points that it does not need, and Alt takes a colour', async () => {
    const { hand } = useTrace(bench, () => Promise.resolve('#102030'))
    hand.press(pointer(0, 0, { altKey: true }))
    await Promise.resolve()
    expect(bench.settings.lineColour).toBe('#102030')
    hand.press(pointer(0, 0))
    for (let x = 1; x <= 60; x++) hand.move(pointer(x, 0))
    hand.release()
    expect(kept[0]).toMatchObject({ points: [0, 0, 60, 0], colour: '#102030', fromPx: 6 })
  })

  it('a hint is moved by its handle and taken out', () => {
    const hint = { clientKey: 'h', edit: { kind: 'hint', points: [10, 10, 40, 10] } }
    const changed: EditData[] = []
    const removed: string[] = []
    const drawnOn: string[] = []
    const draw = {
      press: () => void drawnOn.push('press'),
      move: () => undefined,
      release: () => undefined,
    }
    const { hand, drop } = useHints(
      ref([hint]) as never,
      () => 1,
      draw,
      (_, edit) => void changed.push(edit),
      (one) => void removed.push(one.clientKey),
    )
    hand.press(pointer(12, 11))
    hand.move(pointer(32, 41))
    hand.release()
    expect(changed[0]?.points).toEqual([30, 40, 60, 40])
    expect(drop()).toBe(true)
    expect(removed).toEqual(['h'])
    hand.press(pointer(300, 300))
    expect(drawnOn).toEqual(['press'])
  })
})
