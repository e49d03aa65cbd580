import { computed, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import type { Picture, PictureState, Spec } from '../../api/types'
import { useShown } from './useShown'

const picture = (id: number, state: PictureState = 'passed') =>
  ({ id, state, fileName: `${id}.jpg`, intake: {}, findings: [] }) as unknown as Picture

function station(pictures: Picture[], specs: Partial<Spec>[] | undefined = undefined) {
  const selectedId = ref<number | null>(null)
  const all = ref(pictures)
  const shown = useShown(
    computed(() => all.value),
    selectedId,
    ref(specs as Spec[] | undefined),
  )
  return { selectedId, ...shown }
}

describe('what the look is seen on', () => {
  it('is what can be delivered, the first of it when nothing else is chosen', () => {
    const { ready, shown, selectedId } = station([
      picture(1, 'to-check'),
      picture(2),
      picture(3, 'left-whole'),
      picture(4, 'rejected'),
      picture(5, 'delivered'),
    ])
    expect(ready.value.map((p) => p.id)).toEqual([2, 3, 5])
    expect(shown.value?.id).toBe(2)
    selectedId.value = 1
    expect(shown.value?.id).toBe(2)
    selectedId.value = 5
    expect(shown.value?.id).toBe(5)
  })

  it('is walked through without running out', () => {
    const { step, selectedId } = station([picture(1), picture(2)])
    step(1)
    expect(selectedId.value).toBe(2)
    step(1)
    expect(selectedId.value).toBe(2)
    step(-5)
    expect(selectedId.value).toBe(1)
  })

  it('is seen in the frame of a spec, or in a square', () => {
    const { frame, size } = station([picture(1)], [{ width: 800, height: 600 }])
    expect(size.value).toEqual({ width: 800, height: 600 })
    frame.value = -1
    expect(size.value).toEqual({ width: 1200, height: 1200 })
    expect(station([picture(1)]).size.value).toEqual({ width: 1200, height: 1200 })
  })

  it('has six others below it, and six more, none of them twice', () => {
    const { six, more } = station(Array.from({ length: 14 }, (_, i) => picture(i + 1)))
    const first = six.value.map((p) => p.id)
    more()
    const second = six.value.map((p) => p.id)
    expect(new Set([...first, ...second]).size).toBe(12)
    expect(first).not.toContain(1)
  })
})
