import { computed, ref } from 'vue'
import { api, need, Refused, sentenceOf } from '../../api/client'
import type { Edit, EditList, Stroke } from '../../api/types'

const TRY_AGAIN_MS = 2500

/**
 * The edit list of one picture, kept on the server as it is made. Everything goes through one queue
 * in the order of the hand; when the server does not answer, the queue waits and tries again.
 */
export function useEdits(pictureId: number) {
  const edits = ref<Edit[]>([])
  const baseVersionId = ref<number | null>(null)
  const waiting = ref(0)
  const trouble = ref('')
  let tail: Promise<void> = Promise.resolve()

  const path = { params: { path: { id: pictureId } } }

  async function load() {
    take((await need(api.GET('/api/v1/pictures/{id}/edits', path))) as EditList)
  }

  function take(list: EditList) {
    baseVersionId.value = list.baseVersionId
    edits.value = list.edits
  }

  function enqueue(call: () => Promise<unknown>) {
    waiting.value++
    tail = tail.then(async () => {
      for (;;) {
        try {
          const list = (await call()) as EditList
          trouble.value = ''
          // While more is under way, the screen is ahead of this answer.
          if (waiting.value === 1) take(list)
          break
        } catch (error) {
          trouble.value = sentenceOf(error)
          const passing = error instanceof Refused && (error.status === 0 || error.status >= 500)
          if (!passing) break
          await new Promise((done) => setTimeout(done, TRY_AGAIN_MS))
        }
      }
      waiting.value--
    })
  }

  function add(clientKey: string, brush: Stroke) {
    edits.value = [
      ...edits.value.filter((e) => !e.undone),
      { id: -edits.value.length - 1, clientKey, brush, enabled: true, undone: false },
    ]
    enqueue(() =>
      need(api.POST('/api/v1/pictures/{id}/edits', { ...path, body: { clientKey, brush } })),
    )
  }

  /** Marks the newest edit as undone; answers which it was. */
  function undo(): Edit | undefined {
    const last = edits.value.findLast((e) => !e.undone)
    if (!last) return undefined
    edits.value = edits.value.map((e) => (e === last ? { ...e, undone: true } : e))
    enqueue(() => need(api.POST('/api/v1/pictures/{id}/edits/undo', path)))
    return last
  }

  function redo(): Edit | undefined {
    const next = edits.value.find((e) => e.undone)
    if (!next) return undefined
    edits.value = edits.value.map((e) => (e === next ? { ...e, undone: false } : e))
    enqueue(() => need(api.POST('/api/v1/pictures/{id}/edits/redo', path)))
    return next
  }

  function backToAutomatic() {
    edits.value = edits.value.map((e) => ({ ...e, undone: true }))
    enqueue(() => need(api.DELETE('/api/v1/pictures/{id}/edits', path)))
  }

  function setEnabled(edit: Edit, enabled: boolean) {
    edits.value = edits.value.map((e) => (e.clientKey === edit.clientKey ? { ...e, enabled } : e))
    enqueue(() => {
      // An edit that was just made has its number only once the server has answered.
      const known = edits.value.find((e) => e.clientKey === edit.clientKey)
      return need(
        api.PATCH('/api/v1/pictures/{id}/edits/{editId}', {
          params: { path: { id: pictureId, editId: known?.id ?? edit.id } },
          body: { enabled },
        }),
      )
    })
  }

  /** Resolves when everything made so far is on the server. */
  const saved = () => tail
  const active = computed(() => edits.value.filter((e) => e.enabled && !e.undone))
  const made = computed(() => edits.value.filter((e) => !e.undone))

  return {
    edits,
    baseVersionId,
    active,
    made,
    waiting,
    trouble,
    load,
    add,
    undo,
    redo,
    backToAutomatic,
    setEnabled,
    saved,
  }
}
