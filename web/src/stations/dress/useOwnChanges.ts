import { useQueryClient } from '@tanstack/vue-query'
import { App } from 'ant-design-vue'
import { useDebounceFn } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Picture } from '../../api/types'
import type { Part } from '../../look/look'

const SAVE_AFTER_MS = 400

/** What single pictures do otherwise than their look: seen at once, saved a moment later. */
export function useOwnChanges(batchId: Ref<number>) {
  const client = useQueryClient()
  const { message } = App.useApp()
  const unsaved = ref(new Map<number, Part[]>())

  const of = (picture: Picture): Part[] => unsaved.value.get(picture.id) ?? picture.lookChanges

  const saveSoon = useDebounceFn(() => void save(), SAVE_AFTER_MS)

  async function save() {
    for (const [id, parts] of [...unsaved.value]) {
      try {
        await need(
          api.PUT('/api/v1/pictures/{id}/look-changes', {
            params: { path: { id } },
            body: { parts },
          }),
        )
        await client.invalidateQueries({ queryKey: keys.pictures(batchId.value) })
        if (unsaved.value.get(id) === parts) {
          unsaved.value = new Map([...unsaved.value].filter(([other]) => other !== id))
        }
      } catch (error) {
        void message.error(sentenceOf(error))
        return
      }
    }
  }

  function put(pictureId: number, parts: Part[]) {
    unsaved.value = new Map(unsaved.value).set(pictureId, parts)
    void saveSoon()
  }

  async function toGroup(picture: Picture) {
    await save()
    const copied = await need(
      api.POST('/api/v1/pictures/{id}/look-changes/to-group', {
        params: { path: { id: picture.id } },
      }),
    )
    await client.invalidateQueries({ queryKey: keys.pictures(batchId.value) })
    void message.info(`The same in ${copied.pictures} more`)
  }

  return { of, put, toGroup }
}
export type OwnChanges = ReturnType<typeof useOwnChanges>
