import { computed, ref } from 'vue'
import { api, need, Refused, sentenceOf } from '../../api/client'
import type { Edit, EditData, EditList } from '../../api/types'
import { unsentOf } from './unsent'

const TRY_AGAIN_MS = 2500

interface Hooks {
  /** The server has answered: its pixels are in another state. */
  answered: (list: EditList, edit: string) => void
  /** An edit came to nothing and is not kept. */
  refused: (sentence: string, edit: string) => void
  /** Somebody else mends the same picture: so many of their edits came in. */
  joined: (count: number) => void
}

/**
 * The edit list of one picture, kept on the server as it is made. Everything goes through one queue
 * in the order of the hand; when the server does not answer, the queue waits and tries again, and
 * what waits is kept by the browser too.
 */
export function useEdits(pictureId: number, hooks: Hooks) {
  const edits = ref<Edit[]>([])
  const baseVersionId = ref<number | null>(null)
  const state = ref('')
  const waiting = ref(0)
  const trouble = ref('')
  /** The picture was cut again while edits were made over the cutout before. */
  const clash = ref(false)
  const unsent = unsentOf(pictureId)
  const known = new Set<string>()
  let tail: Promise<void> = Promise.resolve()

  const path = { path: { id: pictureId } }
  const since = () => ({ params: { ...path, query: { since: state.value } } })

  async function load() {
    take((await need(api.GET('/api/v1/pictures/{id}/edits', { params: path }))) as EditList)
    edits.value.forEach((e) => known.add(e.clientKey))
    for (const one of unsent.all()) {
      if (!edits.value.some((e) => e.clientKey === one.clientKey)) add(one.clientKey, one.edit)
      else unsent.remove(one.clientKey)
    }
  }

  function take(list: EditList) {
    baseVersionId.value = list.baseVersionId
    state.value = list.state
    edits.value = list.edits
  }

  function noteStrangers(list: EditList) {
    const strangers = list.edits.filter((e) => !known.has(e.clientKey))
    strangers.forEach((e) => known.add(e.clientKey))
    if (strangers.length > 0) hooks.joined(strangers.length)
  }

  function enqueue(call: () => Promise<unknown>, edit = '') {
    waiting.value++
    tail = tail.then(async () => {
      for (;;) {
        if (clash.value) break
        try {
          const list = (await call()) as EditList
          trouble.value = ''
          unsent.remove(edit)
          state.value = list.state
          hooks.answered(list, edit)
          noteStrangers(list)
          // While more is under way, the screen is ahead of this answer.
          if (waiting.value === 1) take(list)
          break
        } catch (error) {
          if (!(await goesOnAfter(error, edit))) break
        }
      }
      waiting.value--
    })
  }

  /** True when the same call is to be made once more. */
  async function goesOnAfter(error: unknown, edit: string): Promise<boolean> {
    const sentence = sentenceOf(error)
    if (error instanceof Refused && error.kind === 'cut-meanwhile') {
      clash.value = true
      trouble.value = sentence
      return false
    }
    const passing = error instanceof Refused && (error.status === 0 || error.status >= 500)
    if (passing) {
      trouble.value = sentence
      await new Promise((done) => setTimeout(done, TRY_AGAIN_MS))
      return true
    }
    const leftTheBench = error instanceof Refused && sentence.includes('touch-up any more')
    if (leftTheBench) {
      trouble.value = sentence
    } else {
      unsent.remove(edit)
      edits.value = edits.value.filter((e) => e.clientKey !== edit)
      hooks.refused(sentence, edit)
    }
    return false
  }

  function add(clientKey: string, edit: EditData) {
    unsent.add({ clientKey, edit, baseVersionId: baseVersionId.value })
    known.add(clientKey)
    edits.value = [
      ...edits.value.filter((e) => !e.undone),
      {
        id: -edits.value.length - 1,
        clientKey,
        edit,
        enabled: true,
        undone: false,
        box: null,
        problem: null,
      },
    ]
    enqueue(
      () =>
        need(
          api.POST('/api/v1/pictures/{id}/edits', {
            ...since(),
            body: { clientKey, edit, baseVersionId: baseVersionId.value ?? undefined },
          }),
        ),
      clientKey,
    )
  }

  /** Asks what others have made meanwhile; nothing while something of one's own is under way. */
  function catchUp() {
    if (waiting.value > 0) return
    enqueue(() => need(api.GET('/api/v1/pictures/{id}/edits', since())))
  }

  function draft(edit: EditData, clientKey: string) {
    unsent.add({ clientKey, edit, baseVersionId: baseVersionId.value })
  }

  /** Marks the newest edit as undone; answers which it was. */
  function undo(): Edit | undefined {
    const last = edits.value.findLast((e) => !e.undone)
    if (!last) return undefined
    edits.value = edits.value.map((e) => (e === last ? { ...e, undone: true } : e))
    enqueue(() => need(api.POST('/api/v1/pictures/{id}/edits/undo', since())))
    return last
  }

  function redo(): Edit | undefined {
    const next = edits.value.find((e) => e.undone)
    if (!next) return undefined
    edits.value = edits.value.map((e) => (e === next ? { ...e, undone: false } : e))
    enqueue(() => need(api.POST('/api/v1/pictures/{id}/edits/redo', since())))
    return next
  }

  function backToAutomatic() {
    edits.value = edits.value.map((e) => ({ ...e, undone: true }))
    enqueue(() => need(api.DELETE('/api/v1/pictures/{id}/edits', since())))
  }

  /** An edit that was just made has its number only once the server has answered. */
  const idOf = (edit: Edit) =>
    edits.value.find((e) => e.clientKey === edit.clientKey)?.id ?? edit.id
  const at = (edit: Edit) => ({
    params: { path: { id: pictureId, editId: idOf(edit) }, query: { since: state.value } },
  })

  function change(edit: Edit, body: { enabled?: boolean; place?: number; edit?: EditData }) {
    const { enabled, edit: data } = body
    edits.value = edits.value.map((e) =>
      e.clientKey === edit.clientKey
        ? { ...e, enabled: enabled ?? e.enabled, edit: data ?? e.edit }
        : e,
    )
    enqueue(() => need(api.PATCH('/api/v1/pictures/{id}/edits/{editId}', { ...at(edit), body })))
  }

  /** Carries it out one place earlier or later. */
  function shift(edit: Edit, by: number) {
    const from = edits.value.findIndex((e) => e.clientKey === edit.clientKey)
    const to = from + by
    if (from < 0 || to < 0 || to >= edits.value.length) return
    const order = [...edits.value]
    order.splice(to, 0, ...order.splice(from, 1))
    edits.value = order
    change(edit, { place: to })
  }

  function remove(edit: Edit) {
    const before = at(edit)
    edits.value = edits.value.filter((e) => e.clientKey !== edit.clientKey)
    enqueue(() => need(api.DELETE('/api/v1/pictures/{id}/edits/{editId}', before)))
  }

  /**
   * After the picture was cut again: goes on from the new cutout, or from the one before; either
   * way with the edits that were not kept yet.
   */
  async function settleClash(from: 'new' | 'before') {
    const list =
      from === 'new'
        ? await need(api.GET('/api/v1/pictures/{id}/edits', { params: path }))
        : await need(
            api.POST('/api/v1/pictures/{id}/edits/base', {
              params: path,
              body: { versionId: baseVersionId.value ?? undefined },
            }),
          )
    clash.value = false
    trouble.value = ''
    take(list as EditList)
    edits.value.forEach((e) => known.add(e.clientKey))
    for (const one of unsent.all()) add(one.clientKey, one.edit)
  }

  /** Resolves when everything made so far is on the server. */
  const saved = () => tail
  const active = computed(() => edits.value.filter((e) => e.enabled && !e.undone))
  const made = computed(() => edits.value.filter((e) => !e.undone))

  return {
    edits,
    baseVersionId,
    state,
    active,
    made,
    waiting,
    trouble,
    clash,
    load,
    add,
    draft,
    catchUp,
    undo,
    redo,
    backToAutomatic,
    change,
    shift,
    remove,
    settleClash,
    saved,
  }
}
