import { effectScope, nextTick, ref } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { NOTHING, type ShelfFilter } from './filter'
import { useShelf } from './useShelf'

interface Query {
  offset: number
  limit: number
  words?: string
}
type Answer = { data?: unknown; error?: unknown; response: Response }

const asked: { query: Query; answer: (page: unknown) => void; refuse: () => void }[] = []
vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: (_: string, { params }: { params: { query: Query } }) =>
      new Promise<Answer>((resolve) =>
        asked.push({
          query: params.query,
          answer: (data) => resolve({ data, response: new Response('{}') }),
          refuse: () =>
            resolve({
              error: { detail: 'It does not answer.' },
              response: new Response('{}', { status: 500 }),
            }),
        }),
      ),
  },
}))

const settled = async () => {
  for (let i = 0; i < 6; i++) await nextTick()
}
const files = (from: number, count: number) =>
  Array.from({ length: count }, (_, i) => ({ id: from + i, name: `f${from + i}` }))

function shelf(filter = ref<ShelfFilter>({ ...NOTHING })) {
  const scope = effectScope()
  const made = scope.run(() => useShelf(filter))
  if (!made) throw new Error('no scope')
  vi.runOnlyPendingTimers()
  return { ...made, filter, scope }
}

describe('files on the shelf', () => {
  beforeEach(() => {
    asked.length = 0
    vi.useFakeTimers()
  })

  it('come page by page as they come into view, each page once', async () => {
    const { total, files: found, show } = shelf()
    asked[0]?.answer({ total: 300, more: false, files: files(0, 120) })
    await settled()
    expect(total.value).toBe(300)
    expect(found.value.size).toBe(120)

    show(100, 140)
    show(100, 140)
    expect(asked.map((a) => a.query.offset)).toEqual([0, 120])
    asked[1]?.answer({ total: 300, more: false, files: files(120, 120) })
    await settled()
    expect(found.value.get(120)?.name).toBe('f120')
  })

  it('go on beyond what is known where there are more', async () => {
    const { total, more, show } = shelf()
    asked[0]?.answer({ total: 120, more: true, files: files(0, 120) })
    await settled()
    expect(more.value).toBe(true)

    show(0, 30)
    expect(asked).toHaveLength(1)
    show(90, 119)
    expect(asked[1]?.query.offset).toBe(120)
    asked[1]?.answer({ total: 130, more: false, files: files(120, 10) })
    await settled()
    expect([total.value, more.value]).toEqual([130, false])
  })

  it('are those of the last question, whatever comes late', async () => {
    const { filter, files: found } = shelf()
    filter.value = { ...NOTHING, words: 'can' }
    await nextTick()
    vi.runOnlyPendingTimers()
    expect(asked[1]?.query.words).toBe('can')
    asked[1]?.answer({ total: 1, more: false, files: [{ id: 9, name: 'can' }] })
    await settled()
    asked[0]?.answer({ total: 300, more: false, files: files(0, 120) })
    await settled()
    expect([...found.value.values()].map((f) => f.name)).toEqual(['can'])
  })

  it('say what went wrong, and can be asked for again', async () => {
    const { problem, askAgain, answered } = shelf()
    asked[0]?.refuse()
    await settled()
    expect(problem.value).toBe('It does not answer.')
    expect(answered.value).toBe(true)

    askAgain()
    asked[1]?.answer({ total: 0, more: false, files: [] })
    await settled()
    expect(problem.value).toBe('')
  })
})
