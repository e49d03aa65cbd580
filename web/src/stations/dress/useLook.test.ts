import { computed, effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Batch, Picture } from '../../api/types'
import type { Part } from '../../look/look'
import { freshSetting } from '../../look/parts'
import { useLook } from './useLook'
import type { OwnChanges } from './useOwnChanges'

const { get, put, post, patch } = vi.hoisted(() => ({
  get: vi.fn(),
  put: vi.fn(),
  post: vi.fn(),
  patch: vi.fn(),
}))
vi.mock('../../api/client', () => ({
  api: { GET: get, PUT: put, POST: post, PATCH: patch },
  need: async (answer: Promise<{ data?: unknown; error?: string }>) => {
    const { data, error } = await answer
    if (error) throw new Error(error)
    return data
  },
  sentenceOf: (error: Error) => error.message,
}))
vi.mock('@tanstack/vue-query', () => ({
  useQueryClient: () => ({ setQueryData: vi.fn(), invalidateQueries: vi.fn() }),
}))

const part = (id: 'backdrop' | 'subject'): Part => ({
  id,
  name: id,
  on: true,
  setting: freshSetting(id),
})
const lookOf = (revision: number) => ({ id: 3, versionId: 30 + revision, revision, name: 'Oat' })
const batchOf = (revision: number) => ({ id: 7, look: lookOf(revision) }) as unknown as Batch
const kept = (revision: number) => ({
  data: { ...lookOf(revision), version: 1, parts: [part('backdrop'), part('subject')] },
})

async function settled() {
  for (let i = 0; i < 10; i++) await nextTick()
}
async function later() {
  await vi.advanceTimersByTimeAsync(600)
  await settled()
}

describe('the look while it is changed', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => {
    vi.useRealTimers()
    for (const call of [get, put, post, patch]) call.mockReset()
  })

  async function opened() {
    get.mockResolvedValue(kept(1))
    const batch = ref<Batch | undefined>(batchOf(1))
    const own = { of: (p: Picture) => p.lookChanges, put: vi.fn() } as unknown as OwnChanges
    const scope = effectScope()
    const bench = scope.run(() =>
      useLook(
        ref(7),
        computed(() => batch.value),
        own,
      ),
    )
    if (!bench) throw new Error('no scope')
    await settled()
    return { batch, own, ...bench }
  }

  it('is saved once for many changes, on top of what was loaded', async () => {
    put.mockResolvedValue({ data: batchOf(2) })
    const { changePart, parts, isSaved } = await opened()
    expect(parts.value.map((p) => p.id)).toEqual(['backdrop', 'subject'])
    changePart('subject', { on: false })
    changePart('subject', { name: 'Pot' })
    expect(isSaved.value).toBe(false)
    await later()
    expect(put).toHaveBeenCalledTimes(1)
    expect(put.mock.calls[0]?.[1].body).toMatchObject({ versionId: 31, revision: 1 })
    expect(put.mock.calls[0]?.[1].body.parts[1]).toMatchObject({ name: 'Pot', on: false })
    expect(isSaved.value).toBe(true)
  })

  it('waits with the next save until the one before is there, and builds on it', async () => {
    let answer: (value: unknown) => void = () => undefined
    put.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)))
    put.mockResolvedValueOnce({ data: batchOf(3) })
    const { changePart, isSaved } = await opened()
    changePart('subject', { name: 'One' })
    await later()
    changePart('subject', { name: 'Two' })
    await later()
    expect(put).toHaveBeenCalledTimes(1)
    answer({ data: batchOf(2) })
    await settled()
    await later()
    expect(put).toHaveBeenCalledTimes(2)
    expect(put.mock.calls[1]?.[1].body).toMatchObject({ versionId: 32, revision: 2 })
    expect(isSaved.value).toBe(true)
  })

  it('keeps what was made when somebody else saved meanwhile, and can take theirs', async () => {
    put.mockResolvedValue({ error: 'The look was changed by somebody else.' })
    const { changePart, conflict, parts, takeTheirs } = await opened()
    changePart('subject', { name: 'Mine' })
    await later()
    expect(conflict.value).toContain('somebody else')
    expect(parts.value[1]?.name).toBe('Mine')
    changePart('subject', { name: 'Mine too' })
    await later()
    expect(put).toHaveBeenCalledTimes(1)

    get.mockReset()
    get.mockResolvedValueOnce({ data: batchOf(5) }).mockResolvedValueOnce(kept(5))
    await takeTheirs()
    expect(conflict.value).toBe('')
    expect(parts.value[1]?.name).toBe('subject')
  })

  it('goes back and on over the look and over single pictures', async () => {
    put.mockResolvedValue({ data: batchOf(2) })
    const { changePart, changeOwn, undo, redo, parts, own, canUndo, canRedo } = await opened()
    const picture = { id: 11, lookChanges: [] as Part[] } as unknown as Picture
    const mirrored = [part('subject')]
    changePart('backdrop', { on: false })
    changeOwn(picture, mirrored)
    expect(own.put).toHaveBeenLastCalledWith(11, mirrored)
    undo()
    expect(own.put).toHaveBeenLastCalledWith(11, [])
    expect(parts.value[0]?.on).toBe(false)
    undo()
    expect(parts.value[0]?.on).toBe(true)
    expect(canUndo.value).toBe(false)
    redo()
    redo()
    expect(canRedo.value).toBe(false)
    expect(own.put).toHaveBeenLastCalledWith(11, mirrored)
    expect(parts.value[0]?.on).toBe(false)
  })

  it('adds, moves and takes out parts, with one of them always chosen', async () => {
    const { add, move, remove, parts, selectedId } = await opened()
    add('outline')
    expect(selectedId.value).toBe('outline')
    expect(parts.value).toHaveLength(3)
    move('outline', 0)
    expect(parts.value[0]?.id).toBe('outline')
    remove('outline')
    expect(parts.value.map((p) => p.id)).toEqual(['backdrop', 'subject'])
    expect(selectedId.value).toBe('backdrop')
    remove('nothing of that name')
    expect(parts.value).toHaveLength(2)
  })

  it('becomes another look that is kept under a name', async () => {
    post.mockResolvedValue({ data: { ...kept(1).data, id: 9, name: 'New' } })
    patch.mockResolvedValue({ data: batchOf(1) })
    const { keepAsNew, name, rename, isSaved } = await opened()
    await keepAsNew('New')
    expect(post.mock.calls[0]?.[1].body).toMatchObject({ format: 'able-batch-look', name: 'New' })
    expect(patch.mock.calls[0]?.[1].body).toEqual({ look: { id: 9 } })
    expect(name.value).toBe('New')
    rename('  ')
    expect(name.value).toBe('New')
    rename(' Newer ')
    expect(name.value).toBe('Newer')
    expect(isSaved.value).toBe(false)
  })
})
