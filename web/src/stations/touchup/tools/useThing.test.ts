import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { EditData } from '../../../api/types'
import { useThing } from './useThing'

const asked: { hint: EditData; answer: (area: object | null) => void }[] = []
vi.mock('../../../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    POST: (_: string, { body }: { body: EditData }) =>
      new Promise((resolve) =>
        asked.push({
          hint: body,
          answer: (area) => resolve({ data: { area }, response: new Response('{}') }),
        }),
      ),
  },
}))

const hint = (x: number): EditData => ({ kind: 'hint', mode: 'subject', points: [x, 0] })
const answered = async (k: number, area: object | null) => {
  asked[k]?.answer(area)
  await new Promise((resolve) => setTimeout(resolve))
}
const places = () => asked.map((one) => one.hint.points?.[0])

describe('which thing a hint lies on', () => {
  beforeEach(() => void (asked.length = 0))

  it('is asked once at a time, and then for the newest', async () => {
    const { thing, ask } = useThing(1)
    for (const x of [1, 2, 3]) void ask(hint(x))
    expect(places()).toEqual([1])

    await answered(0, { parts: ['one'] })
    expect(places()).toEqual([1, 3])
    expect(thing.value?.area.parts).toEqual(['one'])
    await answered(1, { parts: ['three'] })
    expect(thing.value?.area.parts).toEqual(['three'])
    expect(places()).toEqual([1, 3])
  })

  it('is nothing where the hint speaks for its surroundings', async () => {
    const { thing, ask } = useThing(1)
    void ask(hint(1))
    await answered(0, null)
    expect(thing.value).toBeNull()
  })

  it('is of no interest once the hint is kept, and the next hint is asked for', async () => {
    const { thing, ask, end } = useThing(1)
    void ask(hint(1))
    void ask(hint(2))
    end()
    void ask(hint(9))
    await answered(0, { parts: ['one'] })
    expect(thing.value).toBeNull()
    expect(places()).toEqual([1, 9])
    await answered(1, { parts: ['nine'] })
    expect(thing.value?.area.parts).toEqual(['nine'])
  })
})
