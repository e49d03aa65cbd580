import { createEventHook, tryOnScopeDispose } from '@vueuse/core'

interface Mended {
  pictureId: number
  /** What the bench shows now. */
  state: string
}

const heard = createEventHook<Mended>()
const missed = createEventHook()

/** Somebody has changed the edits of a picture of the batch that is open. */
export const tellMended = (pictureId: number, state: string) =>
  void heard.trigger({ pictureId, state })

/** Nobody listened until now: somebody may have changed the edits of any picture. */
export const tellMayBeMended = () => void missed.trigger()

/** Hears of it as long as the caller is shown. */
export function onMended(hear: (pictureId: number, state: string) => void, mayBe: () => void) {
  const offs = [
    heard.on(({ pictureId, state }) => hear(pictureId, state)).off,
    missed.on(mayBe).off,
  ]
  tryOnScopeDispose(() => offs.forEach((off) => off()))
}
