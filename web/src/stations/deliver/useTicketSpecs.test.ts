import { effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Spec } from '../../api/types'
import { useTicketSpecs } from './useTicketSpecs'

const { put, onTicket } = vi.hoisted(() => ({
  put: vi.fn(),
  onTicket: { value: undefined as unknown },
}))
vi.mock('ant-design-vue', () => ({ App: { useApp: () => ({ message: { error: vi.fn() } }) } }))
vi.mock('@tanstack/vue-query', () => ({
  useQueryClient: () => ({
    setQueryData: (_: unknown, now: Spec[]) => {
      ;(onTicket.value as { value: Spec[] }).value = now
    },
  }),
}))
vi.mock('../../api/client', () => ({
  api: { PUT: put },
  need: async (answer: Promise<{ data: unknown }>) => (await answer).data,
  sentenceOf: (error: Error) => error.message,
}))
vi.mock('../../api/queries', () => ({
  keys: { specs: (id: number) => ['specs', id] },
  useSpecs: () => ({ data: onTicket.value }),
}))

async function settled() {
  for (let i = 0; i < 8; i++) await nextTick()
}

describe('the specs on the ticket', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => {
    vi.useRealTimers()
    put.mockReset()
  })

  function opened(stands: Spec[]) {
    onTicket.value = ref<Spec[]>(stands)
    const scope = effectScope()
    const ticket = scope.run(() => useTicketSpecs(ref(7)))
    if (!ticket) throw new Error('no scope')
    return ticket
  }

  it('begin with two where there are none, and are not written until something is changed', async () => {
    const { specs, fileName } = opened([])
    expect(specs.value.map((s) => s.name)).toEqual(['Shop square', 'Card'])
    await vi.advanceTimersByTimeAsync(1000)
    expect(put).not.toHaveBeenCalled()
    put.mockResolvedValue({ data: [] })
    fileName.value = [{ part: 'code' }]
    await settled()
    await vi.advanceTimersByTimeAsync(400)
    expect(put).toHaveBeenCalledTimes(1)
    expect(put.mock.calls[0]?.[1].body.specs[1].fileName).toEqual([{ part: 'code' }])
  })

  it('share their names, which stand once beside them', () => {
    const { specs, fileName, names } = opened([
      {
        name: 'A',
        width: 8,
        height: 6,
        format: 'PNG',
        fileName: [{ part: 'spec' }],
        names: { capitals: 'small' },
      },
    ])
    expect(specs.value).toEqual([{ name: 'A', width: 8, height: 6, format: 'PNG' }])
    expect(fileName.value).toEqual([{ part: 'spec' }])
    expect(names.value).toEqual({ capitals: 'small' })
  })

  it('keep what is changed while the change before is on its way', async () => {
    let answer: (value: unknown) => void = () => undefined
    put.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)))
    put.mockResolvedValueOnce({ data: [] })
    const { fileName } = opened([])
    fileName.value = [{ part: 'code' }]
    await settled()
    await vi.advanceTimersByTimeAsync(400)
    fileName.value = [{ part: 'group' }]
    await settled()
    answer({ data: [] })
    await settled()
    expect(fileName.value).toEqual([{ part: 'group' }])
    await vi.advanceTimersByTimeAsync(400)
    await settled()
    expect(put).toHaveBeenCalledTimes(2)
    expect(put.mock.calls[1]?.[1].body.specs[0].fileName).toEqual([{ part: 'group' }])
  })
})
