import { onBeforeUnmount, ref } from 'vue'

/** Nobody has seen a picture in less: a second press of the key was meant for the one before. */
const LEAST_LOOK_MS = 180

/** Since when the selected picture is really on the screen. */
export function useLooked(selectedId: () => number | null) {
  let paintedId: number | null = null
  let paintedAt = 0
  let timer = 0
  /** The picture that may be judged, because it has been seen. */
  const readyId = ref<number | null>(null)

  function painted() {
    const id = selectedId()
    if (paintedId === id) return
    paintedId = id
    paintedAt = performance.now()
    performance.mark('picture-seen')
    window.clearTimeout(timer)
    timer = window.setTimeout(() => (readyId.value = id), LEAST_LOOK_MS)
  }

  /** For how long a picture has been looked at, in milliseconds; null = not long enough to judge. */
  function looked(id: number): number | null {
    return readyId.value === id && paintedId === id ? performance.now() - paintedAt : null
  }

  onBeforeUnmount(() => window.clearTimeout(timer))
  return { painted, looked, readyId }
}
