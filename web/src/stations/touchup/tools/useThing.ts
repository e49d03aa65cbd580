import { useThrottleFn } from '@vueuse/core'
import { shallowRef } from 'vue'
import { api, need } from '../../../api/client'
import type { Area, EditData } from '../../../api/types'

/** What a hint would change, while it is drawn. */
export interface Thing {
  goes: 'back' | 'away'
  area: Area
}

const AT_MOST_EVERY_MS = 120

/** Asks the server which thing a hint lies on, and shows the newest answer until the hint is kept. */
export function useThing(pictureId: number) {
  const thing = shallowRef<Thing | null>(null)
  let asked = 0

  const ask = useThrottleFn(
    async (hint: EditData) => {
      const mine = ++asked
      const answer = await need(
        api.POST('/api/v1/pictures/{id}/bench/thing', {
          params: { path: { id: pictureId } },
          body: hint,
        }),
      ).catch(() => null)
      if (mine !== asked) return
      const area = answer?.area as Area | null | undefined
      thing.value = area ? { goes: hint.mode === 'subject' ? 'back' : 'away', area } : null
    },
    AT_MOST_EVERY_MS,
    true,
  )

  /** Nothing is being drawn any more; what is still under way is not wanted. */
  function end() {
    asked++
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
