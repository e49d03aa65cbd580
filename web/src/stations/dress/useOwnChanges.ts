import { useQueryClient } from '@tanstack/vue-query'
import { App } from 'ant-design-vue'
import { ref, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Picture } from '../../api/types'
import type { Part } from '../../look/look'
import { useSaveSoon } from '../../shell/useSaveSoon'

const SAVE_AFTER_MS = 400

/** What single pictures do otherwise than their look: seen at once, saved a moment later. */
export function useOwnChanges(batchId: Ref<number>) {
  /** The station's batch; who leaves for another one still has changes of this one to save. */
  const id = batchId.value
  const client = useQueryClient()
  const { message } = App.useApp()
  const unsaved = ref(new Map<number, Part[]>())

  const of = (picture: Picture): Part[] => unsaved.value.get(picture.id) ?? picture.lookChanges

  async function save(): Promise<boolean> {
    for (const [pictureId, parts] of [...unsaved.value]) {
      try {
        await need(
          api.PUT('/api/v1/pictures/{id}/look-changes', {
            params: { path: { id: pictureId } },
            body: { parts },
          }),
        )
        await client.invalidateQueries({ queryKey: keys.pictures(id) })
        if (unsaved.value.get(pictureId) === parts) {
          unsaved.value = new Map([...unsaved.value].filter(([other]) => other !== pictureId))
        }
      } catch (error) {
        void message.error(sentenceOf(error))
        return false
      }
    }
    return true
  }

  const saving = useSaveSoon(save, SAVE_AFTER_MS)

  function put(pictureId: number, parts: Part[]) {
    unsaved.value = new Map(unsaved.value).set(pictureId, parts)
    saving.soon()
  }

  async function toGroup(picture: Picture) {
    if (!(await saving.now())) return
    const copied = await need(
      api.POST('/api/v1/pictures/{id}/look-changes/to-group', {
        params: { path: { id: picture.id } },
      }),
    )
    await client.invalidateQueries({ queryKey: keys.pictures(id) })
    void message.info(`The same in ${copied.pictures} more`)
  }

  return { of, put, toGroup }
}
export type OwnChanges = ReturnType<typeof useOwnChanges>
