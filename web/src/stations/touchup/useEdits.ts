import { computed, ref } from 'vue'
import { Refused, sentenceOf } from '../../api/client'
import type { Edit, EditData, EditList } from '../../api/types'
import { editCalls, type EditChange } from './editCalls'
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
  /** The cutout over which edits were made while the picture was cut again; null = all is well. */
  const clash = ref<number | null>(null)
  /** What the server has said it shows now, whoever changed it. */
  let announced = ''
  /** Until the list has come once, whatever is new waits for it: it may be older. */
  let loaded = false
  let askedAgain = false
  const unsent = unsentOf(pictureId)
  const known = new Set<string>()
  const numbers = new Map<string, number>()
  let tail: Promise<void> = Promise.resolve()

  const calls = editCalls(pictureId, () => state.value)

  async function load() {
    take(await calls.all())
    loaded = true
    edits.value.forEach((e) => known.add(e.clientKey))
    if (askedAgain) lookAgain()
    else catchUp()
    const waiting = await unsent.all()
    for (const one of waiting.filter((u) => known.has(u.clientKey))) unsent.remove(one.clientKey)
    const late = waiting.filter((u) => !known.has(u.clientKey))
    const before = late.map((u) => u.baseVersionId)
    const elsewhere = before.find((id) => id !== null && id !== baseVersionId.value)
    if (elsewhere !== undefined) stopAt(elsewhere)
    else late.forEach((one) => add(one.clientKey, one.edit))
  }

  function stopAt(before: number | null) {
    clash.value = before
    trouble.value = 'The picture was cut again while it was being mended.'
  }

  function take(list: EditList) {
    baseVersionId.value = list.baseVersionId
    state.value = list.state
    edits.value = list.edits
    number(list)
  }

  function number(list: EditList) {
    list.edits.forEach((e) => numbers.set(e.clientKey, e.id))
  }

  function noteStrangers(list: EditList) {
    const strangers = list.edits.filter((e) => !known.has(e.clientKey))
    strangers.forEach((e) => known.add(e.clientKey))
    if (strangers.length > 0) hooks.joined(strangers.length)
  }

  function enqueue(call: () => Promise<EditList>, edit = '') {
    waiting.value++
    tail = tail.then(async () => {
      for (;;) {
        if (clash.value !== null) break
        try {
          const list = await call()
          trouble.value = ''
          unsent.remove(edit)
          state.value = list.state
          number(list)
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
      if (waiting.value === 0) catchUp()
    })
  }

  /** True when the same call is to be made once more. */
  async function goesOnAfter(error: unknown, edit: string): Promise<boolean> {
    const sentence = sentenceOf(error)
    if (error instanceof Refused && error.kind === 'cut-meanwhile') {
      stopAt(baseVersionId.value)
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
        elsewhere: null,
        byTicket: false,
      },
    ]
    enqueue(() => calls.add(clientKey, edit, baseVersionId.value ?? undefined), clientKey)
  }

  /** Asks what others have made meanwhile. */
  function lookAgain() {
    if (!loaded) askedAgain = true
    else if (waiting.value === 0) enqueue(calls.whatIsNew)
  }

  /** The server shows something else now; one's own edits are announced too. */
  function announce(now: string) {
    announced = now
    catchUp()
  }

  /** Nothing while something of one's own is under way: its answer may say it all. */
  function catchUp() {
    if (!loaded || waiting.value > 0 || announced === '' || clash.value !== null) return
    const isNew = announced !== state.value
    announced = ''
    if (isNew) lookAgain()
  }

  function draft(edit: EditData, clientKey: string) {
    unsent.add({ clientKey, edit, baseVersionId: baseVersionId.value })
  }

  /** Marks the newest edit as undone; answers which it was. */
  function undo(): Edit | undefined {
    const last = edits.value.findLast((e) => !e.undone)
    if (!last) return undefined
    edits.value = edits.value.map((e) => (e === last ? { ...e, undone: true } : e))
    enqueue(calls.undo)
    return last
  }

  function redo(): Edit | undefined {
    const next = edits.value.find((e) => e.undone)
    if (!next) return undefined
    edits.value = edits.value.map((e) => (e === next ? { ...e, undone: false } : e))
    enqueue(calls.redo)
    return next
  }

  function backToAutomatic() {
    edits.value = edits.value.map((e) => ({ ...e, undone: true }))
    enqueue(calls.undoAll)
  }

  /** An edit that was just made has its number only once the server has answered. */
  const idOf = (edit: Edit) => numbers.get(edit.clientKey) ?? edit.id

  function change(edit: Edit, body: EditChange) {
    const { enabled, edit: data } = body
    edits.value = edits.value.map((e) =>
      e.clientKey === edit.clientKey
        ? { ...e, enabled: enabled ?? e.enabled, edit: data ?? e.edit }
        : e,
    )
    enqueue(() => calls.change(idOf(edit), body))
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
    edits.value = edits.value.filter((e) => e.clientKey !== edit.clientKey)
    enqueue(() => calls.remove(idOf(edit)))
  }

  /**
   * After the picture was cut again: goes on from the new cutout, or from the one before; either
   * way with the edits that were not kept yet.
   */
  async function settleClash(from: 'new' | 'before') {
    const before = clash.value
    if (before === null) return
    const waiting = await unsent.all()
    try {
      take(from === 'new' ? await calls.all() : await calls.goOnFrom(before))
    } catch (error) {
      trouble.value = sentenceOf(error)
      return
    }
    clash.value = null
    trouble.value = ''
    edits.value.forEach((e) => known.add(e.clientKey))
    const kept = new Set(edits.value.map((e) => e.clientKey))
    for (const one of waiting) {
      if (!kept.has(one.clientKey)) add(one.clientKey, one.edit)
    }
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
    lookAgain,
    announce,
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
