import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { useMarks } from './useMarks'

const PLAIN = { ctrlKey: false, metaKey: false, shiftKey: false }
const CTRL = { ...PLAIN, ctrlKey: true }
const SHIFT = { ...PLAIN, shiftKey: true }

function setUp(n = 9) {
  const list = ref(Array.from({ length: n }, (_, i) => ({ id: 10 + i })))
  const focus = ref<number | null>(null)
  const marks = useMarks(list, focus)
  return { list, focus, ...marks, ids: () => marks.chosen.value.map((item) => item.id) }
}

describe('marking pictures', () => {
  it('acts on the one with the focus when none is marked', () => {
    const { press, ids, marked } = setUp()
    press(12, PLAIN)
    expect(ids()).toEqual([12])
    expect(marked.value.size).toBe(0)
  })

  it('adds and takes away one by one, the first one too', () => {
    const { press, ids } = setUp()
    press(12, PLAIN)
    press(15, CTRL)
    press(11, CTRL)
    expect(ids()).toEqual([11, 12, 15])
    press(15, CTRL)
    expect(ids()).toEqual([11, 12])
  })

  it('marks a range from where it began, both ways', () => {
    const { press, ids } = setUp()
    press(13, PLAIN)
    press(16, SHIFT)
    expect(ids()).toEqual([13, 14, 15, 16])
    press(11, SHIFT)
    expect(ids()).toEqual([11, 12, 13])
  })

  it('marks while walking, and stops at the ends', () => {
    const { press, move, ids, focus } = setUp(4)
    press(11, PLAIN)
    move(1, true)
    move(5, true)
    expect(ids()).toEqual([11, 12, 13])
    move(-1, false)
    expect(focus.value).toBe(12)
    expect(ids()).toEqual([12])
  })

  it('marks all that are shown, and forgets what is not shown any more', async () => {
    const { list, all, ids, marked } = setUp(3)
    all()
    expect(ids()).toEqual([10, 11, 12])
    list.value = list.value.filter((item) => item.id !== 11)
    await nextTick()
    expect([...marked.value]).toEqual([10, 12])
  })
})
