import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createApp, effectScope, ref, type EffectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useBatchEvents } from './batchEvents'
import { onMended } from './mended'
import { keys } from './queries'
import type { Picture } from './types'

const asked: unknown[] = []
vi.mock('./client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: (_: string, { params }: { params: { query?: { ids?: number[] } } }) => {
      asked.push(params.query?.ids)
      return Promise.resolve({
        data: { content: [{ id: 5, place: 2, state: 'passed' }], total: 1 },
        response: new Response('{}'),
      })
    },
  },
}))

const heard = new Map<string, (event: { data: string }) => void>()
class Ear {
  addEventListener(name: string, listener: (event: { data: string }) => void) {
    heard.set(name, listener)
  }
  close() {}
}

const listed = (state: string) => [
  { id: 4, place: 1, state: 'passed' } as Picture,
  { id: 5, place: 2, state } as Picture,
]
const changed = (...pictures: number[]) =>
  heard.get('changed')?.({ data: JSON.stringify({ pictures }) })

describe('what the server says has changed', () => {
  let client: QueryClient
  let scope: EffectScope

  beforeEach(() => {
    vi.useFakeTimers()
    vi.stubGlobal('EventSource', Ear)
    asked.length = 0
    client = new QueryClient()
    scope = effectScope()
    createApp({})
      .use(VueQueryPlugin, { queryClient: client })
      .runWithContext(() => scope.run(() => useBatchEvents(ref(1))))
  })

  afterEach(() => {
    scope.stop()
    client.clear()
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  const states = () =>
    client.getQueryData<Picture[]>(keys.pictures(1))?.map((picture) => picture.state)

  it('is read again, and of the pictures only those', async () => {
    client.setQueryData(keys.pictures(1), listed('to-check'))
    changed(5)
    await vi.advanceTimersByTimeAsync(2000)
    expect(asked).toEqual([[5]])
    expect(states()).toEqual(['passed', 'passed'])
  })

  it('is not lost while the list is on its way', async () => {
    let come: (list: Picture[]) => void = () => undefined
    void client.fetchQuery({
      queryKey: keys.pictures(1),
      queryFn: () => new Promise<Picture[]>((resolve) => (come = resolve)),
    })
    await vi.advanceTimersByTimeAsync(10)
    changed(5)
    await vi.advanceTimersByTimeAsync(2000)
    expect(asked).toEqual([])

    come(listed('to-check'))
    await vi.advanceTimersByTimeAsync(2000)
    expect(asked).toEqual([[5]])
    expect(states()).toEqual(['passed', 'passed'])
  })

  const hello = (quietMillis: number) =>
    heard.get('hello')?.({ data: JSON.stringify({ batchId: 1, quietMillis }) })

  it('tells the bench of edits, and that it may have missed some before the first word', () => {
    const told: unknown[] = []
    scope.run(() =>
      onMended(
        (id, state) => told.push([id, state]),
        () => told.push('may be'),
      ),
    )
    hello(60_000)
    heard.get('mended')?.({ data: JSON.stringify({ states: { 5: 'b' } }) })
    expect(told).toEqual(['may be', [5, 'b']])
  })

  it.each([
    ['once more when it may have changed before the first word', 200, 3_000, true],
    ['not twice by whoever opens a batch that has long been quiet', 200, 60_000, false],
    ['once more after a loss longer than it has been quiet', 90_000, 60_000, true],
  ])('is read %s', async (_, readMsAgo, quietMs, again) => {
    client.setQueryData(keys.pictures(1), listed('to-check'))
    await vi.advanceTimersByTimeAsync(readMsAgo)
    hello(quietMs)
    await vi.advanceTimersByTimeAsync(2000)
    expect(client.getQueryState(keys.pictures(1))?.isInvalidated).toBe(again)
  })
})
