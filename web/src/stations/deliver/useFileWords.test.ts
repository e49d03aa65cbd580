import { effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FileWords } from '../../api/types'
import { useFileWords } from './useFileWords'

const { put, told, onTicket } = vi.hoisted(() => ({
  put: vi.fn(),
  told: vi.fn(),
  onTicket: { value: undefined as unknown },
}))
vi.mock('ant-design-vue', () => ({ App: { useApp: () => ({ message: { error: told } }) } }))
vi.mock('@tanstack/vue-query', () => ({
  useQuery: () => ({ data: onTicket.value }),
  useQueryClient: () => ({
    setQueryData: (_: unknown, now: FileWords) => {
      ;(onTicket.value as { value: FileWords }).value = now
    },
  }),
}))
vi.mock('../../api/client', () => ({
  api: { PUT: put },
  need: async (answer: Promise<{ data: unknown }>) => (await answer).data,
  sentenceOf: (error: Error) => error.message,
}))

const AUTHOR: FileWords = { author: [{ part: 'text', text: 'Quillmoor Garden Works' }] }

describe('the words of files on the ticket', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    put.mockResolvedValue({ data: AUTHOR })
  })
  afterEach(() => {
    vi.useRealTimers()
    put.mockReset()
    told.mockReset()
  })

  function opened() {
    onTicket.value = ref<FileWords>({})
    const batchId = ref(7)
    const scope = effectScope()
    const ticket = scope.run(() => useFileWords(batchId))
    if (!ticket) throw new Error('no scope')
    return { ...ticket, batchId, leave: () => scope.stop() }
  }

  it('are on it before files are made, however soon that is', async () => {
    const { words, save } = opened()
    words.value = AUTHOR
    await nextTick()
    expect(put).not.toHaveBeenCalled()
    expect(await save()).toBe(true)
    expect(put).toHaveBeenCalledTimes(1)
    expect(put.mock.calls[0]?.[1].body).toEqual(AUTHOR)
    await vi.advanceTimersByTimeAsync(1000)
    expect(put).toHaveBeenCalledTimes(1)
  })

  it('say when they are not kept, and are tried again', async () => {
    put.mockRejectedValueOnce(new Error('The disk is full.'))
    const { words, save } = opened()
    words.value = AUTHOR
    expect(await save()).toBe(false)
    expect(told).toHaveBeenCalledWith('The words are not kept. The disk is full.')
    expect(await save()).toBe(true)
    expect(put).toHaveBeenCalledTimes(2)
  })

  it('stay with their batch when somebody goes on to another one', async () => {
    const { words, batchId, leave } = opened()
    words.value = AUTHOR
    await nextTick()
    batchId.value = 8
    leave()
    await vi.advanceTimersByTimeAsync(1000)
    expect(put).toHaveBeenCalledTimes(1)
    expect(put.mock.calls[0]?.[1].params.path.id).toBe(7)
  })
})
