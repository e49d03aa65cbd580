import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { api } from '../../api/client'
import type { Picture, Spec } from '../../api/types'

/** What a picture's file under a spec will show, as the address of a picture that is held here. */
export function useSpecPreview(
  wanted: Ref<{ picture: Picture; spec: Spec; look: string; longestPx: number } | null>,
) {
  const url = ref('')
  let asked = 0

  function show(next: string) {
    if (url.value) URL.revokeObjectURL(url.value)
    url.value = next
  }

  watch(
    () => JSON.stringify([wanted.value?.picture.id, wanted.value?.picture.revision, wanted.value]),
    async () => {
      const now = wanted.value
      const mine = ++asked
      if (!now) return
      try {
        const { data } = await api.POST('/api/v1/pictures/{id}/spec-preview.png', {
          params: { path: { id: now.picture.id } },
          body: { spec: now.spec, longestPx: now.longestPx },
          parseAs: 'blob',
        })
        // What can't be made has no preview; the preflight says why.
        if (mine === asked) show(data ? URL.createObjectURL(data as Blob) : '')
      } catch {
        if (mine === asked) show('')
      }
    },
    { immediate: true },
  )
  onScopeDispose(() => show(''))
  return url
}
