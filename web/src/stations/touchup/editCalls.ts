import { api, need } from '../../api/client'
import type { Edit, EditData, EditList } from '../../api/types'

/** What changes of an edit. */
export interface EditChange {
  enabled?: boolean
  place?: number
  edit?: EditData
}

/** As it comes: what an edit is is left out when it is here already. */
type Sparse = Omit<EditList, 'edits'> & {
  edits: (Omit<Edit, 'edit'> & { edit: EditData | null })[]
}

/**
 * The requests of one picture's edit list. Every answer is the whole list; what the edits are, which is
 * nearly all of it, comes only for those that are not here yet.
 *
 * @param since the state whose pixels the screen has; the answer says where they differ
 */
export function editCalls(pictureId: number, since: () => string) {
  const here = new Map<number, EditData>()

  const path = { path: { id: pictureId } }
  const has = () => ({ since: since(), known: Math.max(0, ...here.keys()) })
  const asked = () => ({ params: { ...path, query: has() } })
  const whole = () => asList(api.GET('/api/v1/pictures/{id}/edits', { params: path }))

  async function asList(call: Parameters<typeof need>[0]): Promise<EditList> {
    const list = (await need(call)) as Sparse
    const unheard = list.edits.some((e) => e.edit === null && !here.has(e.id))
    // Somebody went back to another cutout, with edits that never were here.
    if (unheard) return whole()
    const edits = list.edits.map((e) => ({ ...e, edit: e.edit ?? here.get(e.id) ?? {} }))
    edits.forEach((e) => here.set(e.id, e.edit))
    return { ...list, edits }
  }

  const one = (editId: number) => ({
    params: { path: { id: pictureId, editId }, query: has() },
  })

  return {
    all: whole,
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
