import { shallowRef } from 'vue'
import { api, need } from '../../../api/client'
import type { Area, EditData } from '../../../api/types'

/** What a hint would change, while it is drawn. */
export interface Thing {
  goes: 'back' | 'away'
  area: Area
}

/**
 * Asks the server which thing a hint lies on, and shows each answer until the hint is kept. One
 * question at a time: two at once would only slow each other down.
 */
export function useThing(pictureId: number) {
  const thing = shallowRef<Thing | null>(null)
  /** Grows with every hint; answers to an earlier one are not wanted. */
  let drawing = 0
  let isAsking = false
  /** The newest of what was drawn meanwhile. */
  let next: EditData | null = null

  async function ask(hint: EditData) {
    next = hint
    if (isAsking) return
    isAsking = true
    while (next) {
      const [asked, mine] = [next, drawing] as const
      next = null
      const answer = await need(
        api.POST('/api/v1/pictures/{id}/bench/thing', {
          params: { path: { id: pictureId } },
          body: asked,
        }),
      ).catch(() => null)
      if (mine !== drawing) continue
      const area = answer?.area as Area | null | undefined
      thing.value = area ? { goes: asked.mode === 'subject' ? 'back' : 'away', area } : null
    }
    isAsking = false
  }

  /** Nothing is being drawn any more; what is still under way is not wanted. */
  function end() {
    drawing++
    next = null
    thing.value = null
  }

  /** The server looks at the picture as it is now, so that the next hint is answered sooner. */
  function getReady() {
    void api
      .POST('/api/v1/pictures/{id}/bench/ready-for-hints', { params: { path: { id: pictureId } } })
      .catch(() => null)
  }

  return { thing, ask, end, getReady }
}

export type Things = ReturnType<typeof useThing>
