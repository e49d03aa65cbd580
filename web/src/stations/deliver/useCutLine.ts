import { watchDebounced } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { api } from '../../api/client'
import type { Picture, Spec } from '../../api/types'
import { tidy } from '../../spec/spec'
import { bladeWords } from './blade'

/** Traced at this size, counts are those of the file but for crumbs. */
const TRACED_PX = 1200

/** What a cut line will cut out of a picture, in words; empty for other specs. */
export function useCutLine(picture: Ref<Picture | undefined>, spec: Ref<Spec>) {
  const words = ref('')
  let asked = 0
  watchDebounced(
    () => JSON.stringify([picture.value?.id, picture.value?.revision, spec.value]),
    async () => {
      const mine = ++asked
      if (!picture.value || spec.value.format !== 'CUT_LINE') {
        words.value = ''
        return
      }
      const { data } = await api
        .POST('/api/v1/pictures/{id}/cut-line', {
          params: { path: { id: picture.value.id } },
          body: {
            spec: { ...tidy(spec.value), name: spec.value.name || 'A' },
            longestPx: TRACED_PX,
          },
        })
        .catch(() => ({ data: undefined }))
      if (mine === asked) words.value = data ? bladeWords(data) : ''
    },
    { debounce: 200, immediate: true },
  )
  return words
}
