import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { effectScope, type EffectScope } from 'vue'
import { useLooked } from './useLooked'

let scope: EffectScope
let selected: number | null

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance'] })
  vi.stubGlobal('window', { setTimeout, clearTimeout })
  scope = effectScope()
  selected = 7
})
afterEach(() => {
  scope.stop()
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

const looking = () => {
  const looked = scope.run(() => useLooked(() => selected))
  if (!looked) throw new Error('the scope is over')
  return looked
}

test('a picture may be judged a moment after it was painted', () => {
  const { painted, looked, readyId } = looking()
  expect(looked(7)).toBeNull()
  painted()
  vi.advanceTimersByTime(100)
  expect(looked(7)).toBeNull()
  vi.advanceTimersByTime(100)
  expect(readyId.value).toBe(7)
  expect(looked(7)).toBeCloseTo(200, 0)
})

test('being painted again does not begin anew, another picture does', () => {
  const { painted, looked } = looking()
  painted()
  vi.advanceTimersByTime(150)
  painted()
  vi.advanceTimersByTime(50)
  expect(looked(7)).not.toBeNull()

  selected = 8
  painted()
  expect(looked(8)).toBeNull()
  expect(looked(7)).toBeNull()
  vi.advanceTimersByTime(200)
  expect(looked(8)).not.toBeNull()
})
