import { api, need } from '../../api/client'
import type { EditData, EditList } from '../../api/types'

/** What changes of an edit. */
export interface EditChange {
  enabled?: boolean
  place?: number
  edit?: EditData
}

/**
 * The requests of one picture's edit list. Every answer is the whole list.
 *
 * @param since the state whose pixels the screen has; the answer says where they differ
 */
export function editCalls(pictureId: number, since: () => string) {
  const path = { path: { id: pictureId } }
  const asked = () => ({ params: { ...path, query: { since: since() } } })
  const asList = async (call: Parameters<typeof need>[0]) => (await need(call)) as EditList
  const one = (editId: number) => ({
    params: { path: { id: pictureId, editId }, query: { since: since() } },
  })

  return {
    all: () => asList(api.GET('/api/v1/pictures/{id}/edits', { params: path })),
    whatIsNew: () => asList(api.GET('/api/v1/pictures/{id}/edits', asked())),
    add: (clientKey: string, edit: EditData, baseVersionId?: number) =>
      asList(
        api.POST('/api/v1/pictures/{id}/edits', {
          ...asked(),
          body: { clientKey, edit, baseVersionId },
        }),
      ),
    undo: () => asList(api.POST('/api/v1/pictures/{id}/edits/undo', asked())),
    redo: () => asList(api.POST('/api/v1/pictures/{id}/edits/redo', asked())),
    undoAll: () => asList(api.DELETE('/api/v1/pictures/{id}/edits', asked())),
    change: (editId: number, body: EditChange) =>
      asList(api.PATCH('/api/v1/pictures/{id}/edits/{editId}', { ...one(editId), body })),
    remove: (editId: number) =>
      asList(api.DELETE('/api/v1/pictures/{id}/edits/{editId}', one(editId))),
    goOnFrom: (versionId: number) =>
      asList(api.POST('/api/v1/pictures/{id}/edits/base', { params: path, body: { versionId } })),
  }
}
