import { createEventHook, tryOnScopeDispose } from '@vueuse/core'

interface Mended {
  pictureId: number
  /** What the bench shows now. */
  state: string
}

const heard = createEventHook<Mended>()

/** Somebody has changed the edits of a picture of the batch that is open. */
export const tellMended = (pictureId: number, state: string) =>
  void heard.trigger({ pictureId, state })

/** Hears of it as long as the caller is shown. */
export function onMended(hear: (pictureId: number, state: string) => void) {
  const { off } = heard.on(({ pictureId, state }) => hear(pictureId, state))
  tryOnScopeDispose(off)
}
