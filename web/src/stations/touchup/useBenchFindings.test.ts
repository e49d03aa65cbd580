import { effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { aPicture } from '../../testing/aPicture'
import type { View } from '../../stage/view'
import { useBenchFindings } from './useBenchFindings'

const { get } = vi.hoisted(() => ({ get: vi.fn() }))
vi.mock('../../api/client', () => ({
  api: { GET: get },
  need: async (answer: Promise<{ data: unknown }>) => (await answer).data,
}))

const settled = async () => {
  for (let i = 0; i < 5; i++) await nextTick()
}

describe('what is still suspected on the bench', () => {
  let answers: ((labels: string[]) => void)[] = []

  beforeEach(() => {
    vi.useFakeTimers()
    answers = []
    get.mockImplementation(
      () =>
        new Promise((resolve) =>
          answers.push((labels) => resolve({ data: labels.map((label) => ({ label })) })),
        ),
    )
  })
  afterEach(() => {
    vi.useRealTimers()
    get.mockReset()
  })

  function looking(inspected: boolean) {
    const state = ref('')
    const found = effectScope().run(() =>
      useBenchFindings(aPicture({ inspected, findings: [] }), state, {} as View),
    )
    if (!found) throw new Error('no scope')
    const become = async (now: string) => {
      state.value = now
      await nextTick()
      vi.runOnlyPendingTimers()
      await settled()
    }
    return { ...found, become }
  }

  it('is not looked for where the cutout as it comes has been looked over', async () => {
    const { become } = looking(true)
    await become('as it came')
    expect(get).not.toHaveBeenCalled()
    await become('mended')
    expect(get).toHaveBeenCalledTimes(1)
  })

  it('is asked for once at a time, and once more when the hand went on meanwhile', async () => {
    const { become, findings } = looking(false)
    await become('1')
    await become('2')
    await become('3')
    expect(get).toHaveBeenCalledTimes(1)

    answers[0]?.(['of the first state'])
    await settled()
    expect(findings.value).toEqual([])
    expect(get).toHaveBeenCalledTimes(2)
    answers[1]?.(['of the last'])
    await settled()
    expect(findings.value.map((f) => f.label)).toEqual(['of the last'])
    expect(get).toHaveBeenCalledTimes(2)
  })

  it('stays as it was when there is no answer, and is asked for again', async () => {
    const { become, findings } = looking(false)
    get.mockRejectedValueOnce(new Error('the server is away'))
    await become('1')
    await become('2')
    answers[0]?.(['here again'])
    await settled()
    expect(findings.value.map((f) => f.label)).toEqual(['here again'])
  })
})
