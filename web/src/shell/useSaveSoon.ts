import { onScopeDispose } from 'vue'
import { useEventListener } from '@vueuse/core'

/**
 * What is being changed is saved a moment after the last change, and at once when the station is
 * left: a change that waits would otherwise be written by a station that shows something else. When
 * the page itself is left it is saved at once too, for nothing waits any more then.
 *
 * @param save says whether all is saved now; it tells people itself what went wrong
 */
export function useSaveSoon(save: () => Promise<boolean>, afterMs: number) {
  let timer: ReturnType<typeof setTimeout> | undefined
  let last: Promise<boolean> = Promise.resolve(true)

  function soon() {
    clearTimeout(timer)
    timer = setTimeout(() => void now(), afterMs)
  }

  /** For whoever needs what is on the screen to be what the server has. */
  function now(): Promise<boolean> {
    clearTimeout(timer)
    timer = undefined
    // One after the other: of two on their way the older could come last.
    last = last.then(save, save)
    return last
  }

  onScopeDispose(() => {
    if (timer !== undefined) void now()
  })
  // Tests without a browser have no window.
  useEventListener(globalThis.window, 'pagehide', () => {
    clearTimeout(timer)
    // Not after the one under way: its answer is not heard any more.
    if (timer !== undefined) void save()
    timer = undefined
  })

  return { soon, now }
}
