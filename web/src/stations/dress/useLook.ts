import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Batch, KeptLook, Picture } from '../../api/types'
import { History } from '../../look/history'
import type { Kind, Part, Setting } from '../../look/look'
import { freeId, freshSetting, labelOf, placeFor } from '../../look/parts'
import { useSaveSoon } from '../../shell/useSaveSoon'
import type { OwnChanges } from './useOwnChanges'

const SAVE_AFTER_MS = 500

/** What can be gone back to: the look, and what single pictures did otherwise. */
type State = { parts: Part[]; own: Map<number, Part[]> }

/**
 * The batch's look while it is being changed: every change can be taken back, and is saved as it is
 * made. What somebody else saved meanwhile is shown and never written over.
 */
export function useLook(
  batchId: Ref<number>,
  batch: ComputedRef<Batch | undefined>,
  own: OwnChanges,
) {
  /** The station's batch; who leaves for another one still has a look of this one to save. */
  const thisBatchId = batchId.value
  const client = useQueryClient()
  const parts = shallowRef<Part[]>([])
  const name = ref('')
  const selectedId = ref<string | null>(null)
  const problem = ref('')
  /** Somebody saved in between; what was made here is not saved any more. */
  const conflict = ref('')
  const saving = ref(0)
  const steps = ref(0)
  let history = new History<State>({ parts: [], own: new Map() })
  let base: { lookId: number; versionId: number; revision: number } | null = null
  let unsaved = false
  /** What pictures did otherwise before anything was changed here. */
  const asItWas = new Map<number, Part[]>()

  async function load(lookId: number) {
    const kept = (await need(
      api.GET('/api/v1/looks/versions/{versionId}', { params: { path: { versionId: lookId } } }),
    )) as KeptLook
    begin(kept)
  }

  function begin(kept: KeptLook) {
    base = { lookId: kept.id, versionId: kept.versionId, revision: kept.revision }
    parts.value = kept.parts as Part[]
    name.value = kept.name
    history = new History<State>({ parts: parts.value, own: new Map() })
    steps.value++
    unsaved = false
    conflict.value = ''
    problem.value = ''
    if (!parts.value.some((part) => part.id === selectedId.value)) {
      selectedId.value = parts.value[0]?.id ?? null
    }
  }

  watch(
    () => [batch.value?.look.versionId, batch.value?.look.revision] as const,
    async ([versionId, revision]) => {
      if (versionId === undefined || revision === undefined) return
      const known = base?.versionId === versionId && base.revision === revision
      if (known || unsaved || saving.value > 0) return
      try {
        await load(versionId)
      } catch (error) {
        problem.value = sentenceOf(error)
      }
    },
    { immediate: true },
  )

  async function save(): Promise<boolean> {
    if (!base || conflict.value) return false
    if (!unsaved) return true
    const sent = parts.value
    saving.value++
    try {
      const answer = (await need(
        api.PUT('/api/v1/batches/{id}/look', {
          params: { path: { id: thisBatchId } },
          body: {
            name: name.value,
            versionId: base.versionId,
            revision: base.revision,
            parts: sent,
          },
        }),
      )) as Batch
      base = {
        lookId: answer.look.id,
        versionId: answer.look.versionId,
        revision: answer.look.revision,
      }
      name.value = answer.look.name
      unsaved = parts.value !== sent
      problem.value = ''
      client.setQueryData(keys.batch(thisBatchId), answer)
      void client.invalidateQueries({ queryKey: ['looks'] })
    } catch (error) {
      const sentence = sentenceOf(error)
      if (/somebody else/.test(sentence)) conflict.value = sentence
      else problem.value = sentence
    } finally {
      saving.value--
    }
    if (unsaved && !conflict.value && !problem.value) soon()
    return !unsaved
  }

  const { soon } = useSaveSoon(save, SAVE_AFTER_MS)

  function show(next: Part[]) {
    steps.value++
    if (next === parts.value) return
    parts.value = next
    unsaved = true
    soon()
  }

  /** Back or on: what single pictures did otherwise goes with it. */
  function go(from: State, to: State) {
    for (const id of new Set([...from.own.keys(), ...to.own.keys()])) {
      const then = to.own.get(id)
      if (then !== from.own.get(id)) own.put(id, then ?? (asItWas.get(id) as Part[]))
    }
    show(to.parts)
  }

  /** One picture does something otherwise; a step like any other. */
  function changeOwn(picture: Picture, changes: Part[], key = '') {
    if (!asItWas.has(picture.id)) asItWas.set(picture.id, own.of(picture))
    const next = new Map(history.now.own).set(picture.id, changes)
    history.push(
      { parts: parts.value, own: next },
      key && `${picture.id} ${key}`,
      performance.now(),
    )
    own.put(picture.id, changes)
    steps.value++
  }

  /** @param key what is changed, so that a slider that is drawn is one step */
  function change(next: Part[], key = '') {
    history.push({ parts: next, own: history.now.own }, key, performance.now())
    show(next)
  }

  function changePart(id: string, with_: Partial<Part>, key = '') {
    change(
      parts.value.map((part) => (part.id === id ? { ...part, ...with_ } : part)),
      key && `${id} ${key}`,
    )
  }

  function set(id: string, setting: Setting, key = '') {
    changePart(id, { setting }, key)
  }

  function add(kind: Kind) {
    const id = freeId(parts.value, kind)
    const next = [...parts.value]
    const part = { id, name: labelOf(kind), on: true, setting: freshSetting(kind) }
    next.splice(placeFor(next, kind), 0, part)
    selectedId.value = id
    change(next)
  }

  function remove(id: string) {
    const at = parts.value.findIndex((part) => part.id === id)
    const next = parts.value.filter((part) => part.id !== id)
    selectedId.value = next[Math.min(at, next.length - 1)]?.id ?? null
    change(next)
  }

  /** @param to the place among the parts that are left when it is taken out */
  function move(id: string, to: number) {
    const part = parts.value.find((p) => p.id === id)
    if (!part) return
    const next = parts.value.filter((p) => p.id !== id)
    next.splice(Math.max(0, Math.min(next.length, to)), 0, part)
    change(next)
  }

  function undo() {
    go(history.now, history.undo())
  }

  function redo() {
    go(history.now, history.redo())
  }

  function rename(to: string) {
    if (to.trim() === '' || to === name.value) return
    name.value = to.trim()
    unsaved = true
    soon()
  }

  /** What was made here stays as a look of its own, and the batch uses it. */
  async function keepAsNew(newName: string) {
    const kept = (await need(
      api.POST('/api/v1/looks', {
        body: {
          format: 'able-batch-look',
          version: 1,
          name: newName,
          parts: parts.value,
        } as never,
      }),
    )) as KeptLook
    await use(kept)
  }

  /** The batch uses this look from now on. */
  async function use(kept: KeptLook) {
    unsaved = false
    const answer = (await need(
      api.PATCH('/api/v1/batches/{id}', {
        params: { path: { id: thisBatchId } },
        body: { look: { id: kept.id } },
      }),
    )) as Batch
    begin(kept)
    client.setQueryData(keys.batch(thisBatchId), answer)
    void client.invalidateQueries({ queryKey: ['looks'] })
  }

  /** Takes what the other one saved. */
  async function takeTheirs() {
    unsaved = false
    conflict.value = ''
    const answer = (await need(
      api.GET('/api/v1/batches/{id}', { params: { path: { id: thisBatchId } } }),
    )) as Batch
    client.setQueryData(keys.batch(thisBatchId), answer)
    await load(answer.look.versionId)
  }

  const selected = computed(() => parts.value.find((part) => part.id === selectedId.value))
  const canUndo = computed(() => steps.value >= 0 && history.canUndo)
  const canRedo = computed(() => steps.value >= 0 && history.canRedo)
  const isSaved = computed(() => steps.value >= 0 && saving.value === 0 && !unsaved)

  return {
    parts,
    name,
    selectedId,
    selected,
    problem,
    conflict,
    isSaved,
    canUndo,
    canRedo,
    changePart,
    changeOwn,
    set,
    add,
    remove,
    move,
    undo,
    redo,
    rename,
    keepAsNew,
    use,
    takeTheirs,
  }
}
export type LookBench = ReturnType<typeof useLook>
