import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { api } from '../../api/client'
import type { Picture } from '../../api/types'
import type { Box, Part } from '../../look/look'

export type Wanted = { picture: Picture; parts: Part[]; width: number; height: number }

/**
 * What the server makes of a picture under a look that is being changed. While it works on one state
 * only the newest other one waits, and the last answer stays until the next is there.
 */
export function useDressed(wanted: Ref<Wanted | null>) {
  const url = ref('')
  const problem = ref('')
  /** True when what is seen is what is wanted. */
  const isCurrent = ref(false)
  /** Where the subject stands, percent of the frame's width and height; null until it is known. */
  const subject = ref<Box | null>(null)
  let busy = false
  let waiting: Wanted | null = null

  async function run(next: Wanted) {
    busy = true
    try {
      const { data, error, response } = await api.POST('/api/v1/pictures/{id}/dressed.png', {
        params: { path: { id: next.picture.id } },
        body: { parts: next.parts, ownChanges: false, width: next.width, height: next.height },
        parseAs: 'blob',
      })
      if (data) {
        const old = url.value
        url.value = URL.createObjectURL(data as Blob)
        if (old) URL.revokeObjectURL(old)
        problem.value = ''
        subject.value = boxOf(response.headers.get('Subject-Box'))
      } else {
        problem.value = (error as { detail?: string } | undefined)?.detail ?? 'This can’t be shown.'
      }
    } catch {
      problem.value = 'The server does not answer; what you made is kept here.'
    } finally {
      busy = false
    }
    const more = waiting
    waiting = null
    if (more) void run(more)
    else isCurrent.value = true
  }

  watch(
    wanted,
    (next) => {
      if (!next) return
      isCurrent.value = false
      if (busy) waiting = next
      else void run(next)
    },
    { immediate: true },
  )
  onScopeDispose(() => URL.revokeObjectURL(url.value))

  return { url, problem, isCurrent, subject }
}

function boxOf(header: string | null): Box | null {
  const [left, top, right, bottom] = (header ?? '').split(' ').map(Number)
  return left === undefined || top === undefined || right === undefined || bottom === undefined
    ? null
    : { x: left, y: top, width: right - left, height: bottom - top }
}
