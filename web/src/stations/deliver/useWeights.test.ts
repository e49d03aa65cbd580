import { effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Preflight, Spec } from '../../api/types'
import { useWeights } from './useWeights'

const { post } = vi.hoisted(() => ({ post: vi.fn() }))
vi.mock('../../api/client', () => ({
  api: { POST: post },
  need: async (answer: Promise<{ data: unknown }>) => (await answer).data,
}))

const file = (name: string) => ({ name }) as Preflight['content'][number]
const PREFLIGHT = { files: 2, content: [file('a'), file('b')] } as Preflight
const DRAWN_MS = 200
const settled = async () => {
  // What watches notices before the clock goes on.
  await nextTick()
  await vi.advanceTimersByTimeAsync(DRAWN_MS)
}

describe('weights', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => {
    vi.useRealTimers()
    post.mockReset()
  })

  function weigh() {
    const preflight = ref<Preflight | null>(null)
    const specs = ref<Spec[]>([{ name: 'Card' }])
    const scope = effectScope()
    const weights = scope.run(() => useWeights(ref(7), specs, preflight))
    if (!weights) throw new Error('no scope')
    return { preflight, scope, ...weights }
  }

  it('asks again until they are complete', async () => {
    post
      .mockResolvedValueOnce({ data: { complete: false, bytes: [0, 500] } })
      .mockResolvedValueOnce({ data: { complete: true, bytes: [400, 500] } })
    const { preflight, bytes, isComplete } = weigh()
    expect(post).not.toHaveBeenCalled()
    preflight.value = PREFLIGHT
    await settled()
    expect(bytes.value).toEqual([0, 500])
    expect(isComplete.value).toBe(false)
    await vi.runOnlyPendingTimersAsync()
    expect(bytes.value).toEqual([400, 500])
    expect(isComplete.value).toBe(true)
    await vi.runOnlyPendingTimersAsync()
    expect(post).toHaveBeenCalledTimes(2)
  })

  it('asks after the table was drawn, once for what changes quickly', async () => {
    post.mockResolvedValue({ data: { complete: true, bytes: [1, 2] } })
    const { preflight, bytes } = weigh()
    preflight.value = PREFLIGHT
    await nextTick()
    preflight.value = { ...PREFLIGHT }
    await nextTick()
    expect(post).not.toHaveBeenCalled()
    await settled()
    expect(post).toHaveBeenCalledTimes(1)
    expect(bytes.value).toEqual([1, 2])
  })

  it('forgets an answer that came too late', async () => {
    let late: (value: unknown) => void = () => undefined
    post
      .mockReturnValueOnce(new Promise((resolve) => (late = resolve)))
      .mockResolvedValueOnce({ data: { complete: true, bytes: [1, 1] } })
    const { preflight, bytes } = weigh()
    preflight.value = PREFLIGHT
    await settled()
    preflight.value = { ...PREFLIGHT }
    await settled()
    late({ data: { complete: true, bytes: [9, 9] } })
    await settled()
    expect(bytes.value).toEqual([1, 1])
  })

  it('keeps what is known while the same files are asked for again, and forgets it for others', async () => {
    post.mockResolvedValue({
      data: { complete: true, bytes: [5, 6], problems: { 1: 'the most is 3' } },
    })
    const { preflight, bytes, problems } = weigh()
    preflight.value = PREFLIGHT
    await settled()
    expect(problems.value).toEqual({ 1: 'the most is 3' })
    post.mockReturnValue(new Promise(() => undefined))
    preflight.value = { ...PREFLIGHT }
    await settled()
    expect(bytes.value).toEqual([5, 6])
    expect(problems.value).toEqual({ 1: 'the most is 3' })
    preflight.value = { ...PREFLIGHT, content: [file('c'), file('b')] }
    await settled()
    expect(bytes.value).toEqual([])
    expect(problems.value).toEqual({})
  })

  it('stops when nobody looks any more, and when nothing is made', async () => {
    post.mockResolvedValue({ data: { complete: false, bytes: [3] } })
    const { preflight, scope, bytes } = weigh()
    preflight.value = PREFLIGHT
    await settled()
    preflight.value = { ...PREFLIGHT, files: 0, content: [] }
    await settled()
    expect(bytes.value).toEqual([])
    preflight.value = { ...PREFLIGHT }
    await settled()
    const asked = post.mock.calls.length
    scope.stop()
    await vi.runOnlyPendingTimersAsync()
    expect(post).toHaveBeenCalledTimes(asked)
  })
})
