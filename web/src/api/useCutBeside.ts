import { App } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, need, sentenceOf } from './client'
import type { Version } from './types'

/** Cuts a picture by one more method, beside what is there; the current cutout stays. */
export function useCutBeside(pictureId: () => number) {
  const { message } = App.useApp()
  const client = useQueryClient()
  /** The method that is at work; empty = none. */
  const cutting = ref('')

  /** Null when it came to nothing, which is said. */
  async function cutBeside(method: string): Promise<Version | null> {
    const id = pictureId()
    cutting.value = method
    try {
      const made = await need(
        api.POST('/api/v1/pictures/{id}/versions', {
          params: { path: { id } },
          body: { method },
        }),
      )
      await client.invalidateQueries({ queryKey: ['versions', id] })
      return made as Version
    } catch (error) {
      void message.warning(sentenceOf(error), 6)
      return null
    } finally {
      cutting.value = ''
    }
  }

  return { cutting, cutBeside }
}
