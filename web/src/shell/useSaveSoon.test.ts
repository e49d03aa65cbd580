import { effectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useSaveSoon } from './useSaveSoon'

describe('saving a moment later', () => {
  const page = new EventTarget()

  beforeEach(() => {
    vi.useFakeTimers()
    vi.stubGlobal('window', page)
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  function begun(save: () => Promise<boolean>) {
    const scope = effectScope()
    const saving = scope.run(() => useSaveSoon(save, 400))
    if (!saving) throw new Error('no scope')
    return { ...saving, leave: () => scope.stop() }
  }

  it('waits for the last of several changes', async () => {
    const save = vi.fn(async () => true)
    const { soon } = begun(save)
    soon()
    await vi.advanceTimersByTimeAsync(399)
    soon()
    await vi.advanceTimersByTimeAsync(399)
    expect(save).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(1)
    expect(save).toHaveBeenCalledTimes(1)
  })

  it('is done at once when somebody needs it, and not a second time', async () => {
    const save = vi.fn(async () => true)
    const { soon, now } = begun(save)
    soon()
    expect(await now()).toBe(true)
    await vi.advanceTimersByTimeAsync(1000)
    expect(save).toHaveBeenCalledTimes(1)
  })

  it('is done at once when the station is left, if anything waits', async () => {
    const save = vi.fn(async () => true)
    const first = begun(save)
    first.leave()
    await vi.advanceTimersByTimeAsync(0)
    expect(save).not.toHaveBeenCalled()
    const second = begun(save)
    second.soon()
    second.leave()
    await vi.advanceTimersByTimeAsync(0)
    expect(save).toHaveBeenCalledTimes(1)
  })

  it('is done at once when the page is left, even with one on its way', () => {
    const save = vi.fn(() => new Promise<boolean>(() => undefined))
    const { soon, now } = begun(save)
    page.dispatchEvent(new Event('pagehide'))
    expect(save).not.toHaveBeenCalled()
    soon()
    page.dispatchEvent(new Event('pagehide'))
    page.dispatchEvent(new Event('pagehide'))
    expect(save).toHaveBeenCalledTimes(1)
    void now()
    soon()
    page.dispatchEvent(new Event('pagehide'))
    expect(save).toHaveBeenCalledTimes(2)
  })

  it('never has two on their way', async () => {
    const answers: ((ok: boolean) => void)[] = []
    const save = vi.fn(() => new Promise<boolean>((resolve) => answers.push(resolve)))
    const { now } = begun(save)
    const one = now()
    const two = now()
    await vi.advanceTimersByTimeAsync(0)
    expect(save).toHaveBeenCalledTimes(1)
    answers[0]?.(false)
    expect(await one).toBe(false)
    await vi.advanceTimersByTimeAsync(0)
    expect(save).toHaveBeenCalledTimes(2)
    answers[1]?.(true)
    expect(await two).toBe(true)
  })
})
