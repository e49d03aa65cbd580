import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { Batch, Picture, Preflight, Spec } from '../../api/types'
import { keyOf, withProblems } from './preflight'
import { useWeights } from './useWeights'

const DELIVERABLE = ['passed', 'delivered', 'left-whole']

/** What a run would make of what stands on the ticket, and which files of it are left out. */
export function usePreflight(
  batchId: Ref<number>,
  batch: Ref<Batch | undefined>,
  pictures: Ref<Picture[]>,
  specs: Ref<Spec[]>,
  /** False = the specs are not the ticket's yet. */
  isKnown: Ref<boolean>,
  /** What else the server plans by, as text; '' = not known yet. */
  elsewhere: Ref<string>,
) {
  // Twelve thousand files are not watched one by one.
  const planned = shallowRef<Preflight | null>(null)
  const problem = ref('')
  /** The first plan has come, or there is none. */
  const hasBegun = ref(false)
  // Never changed, only replaced: whether a file is in it is asked for thousands at once.
  const leftOut = shallowRef(new Set<string>())
  const ready = computed(() => pictures.value.filter((p) => DELIVERABLE.includes(p.state)))
  const ofPictures = computed(() => new Set(planned.value?.content.map((file) => file.pictureId)))
  /** How many pictures are passed; the plan knows it before they are here. */
  const passed = computed(() =>
    pictures.value.length > 0 ? ready.value.length : ofPictures.value.size,
  )
  const canBeNamed = computed(() => specs.value.every((s) => (s.fileName ?? []).length > 0))

  /** What a plan is made of; '' = not known yet. */
  const asked = computed(() => ({
    specs: isKnown.value ? JSON.stringify(specs.value) : '',
    batch: batch.value ? JSON.stringify([batch.value.look, batch.value.counts.delivered]) : '',
    passed:
      pictures.value.length === 0 ? '' : JSON.stringify(ready.value.map((p) => [p.id, p.revision])),
    elsewhere: elsewhere.value,
  }))
  let askedFor: typeof asked.value | null = null
  /** The pictures were not here when it was asked for. */
  let isBlind = false

  /** The server knows ticket, batch and pictures before they are here: what only comes changes nothing. */
  function isAskedFor(): boolean {
    if (!askedFor) return false
    for (const part of ['specs', 'batch', 'passed', 'elsewhere'] as const)
      askedFor[part] ||= asked.value[part]
    return JSON.stringify(askedFor) === JSON.stringify(asked.value)
  }

  async function ask() {
    if (isKnown.value && (specs.value.length === 0 || !canBeNamed.value)) {
      askedFor = null
      planned.value = null
      problem.value = ''
      hasBegun.value = true
      return
    }
    if (isAskedFor()) return
    const mine = { ...asked.value }
    askedFor = mine
    isBlind = mine.passed === ''
    const ofTicket = !isKnown.value
    try {
      const plan = (await need(
        api.POST('/api/v1/batches/{id}/preflight', {
          params: { path: { id: batchId.value } },
          body: ofTicket ? {} : { specs: specs.value },
        }),
      )) as Preflight
      // What was asked for since then comes by itself.
      if (askedFor !== mine) return
      planned.value = plan
      problem.value = ''
      // A ticket without specs gets some here.
      if (ofTicket && plan.files === 0) askAnew()
    } catch (error) {
      if (askedFor !== mine) return
      if (ofTicket) askAnew()
      else {
        askedFor = null
        problem.value = sentenceOf(error)
      }
    } finally {
      hasBegun.value = true
    }
  }

  /** What was asked before anything was known says nothing about the specs that stand here. */
  function askAnew() {
    askedFor = null
    if (isKnown.value) void ask()
  }

  void ask()
  // Somebody may have passed a picture between the plan and the list, or taken it back.
  watch([planned, pictures], () => {
    if (!isBlind || !planned.value || pictures.value.length === 0) return
    isBlind = false
    const ids = ofPictures.value
    if (ids.size !== ready.value.length || !ready.value.every((p) => ids.has(p.id))) askAnew()
  })
  watchDebounced(asked, () => void ask(), { debounce: 200 })

  const known = computed(() => (isKnown.value ? planned.value : null))
  const weights = useWeights(batchId, specs, known)
  const preflight = computed(
    () => known.value && withProblems(known.value, weights.problems.value, weights.risks.value),
  )
  const made = computed(() => {
    const all = preflight.value?.content ?? []
    const out = leftOut.value
    return out.size === 0 ? all : all.filter((f) => !out.has(keyOf(f)))
  })
  const blocked = computed(() => made.value.filter((file) => file.blocked).length)
  const enlarged = computed(
    () => made.value.filter((file) => file.notes.some((note) => note.kind === 'enlarged')).length,
  )
  const toMake = computed(() => made.value.filter((file) => file.change !== 'same').length)
  /** What the button says that it does; how many are as last time stands beside it. */
  const offer = computed(() => {
    const files = made.value.length
    if (files > 0 && toMake.value === 0) return 'Deliver the same again'
    return files === 1 ? 'Make 1 file' : `Make ${files.toLocaleString('en')} files`
  })
  const needALook = computed(() => made.value.filter((file) => file.notes.length > 0).length)
  const canRun = computed(
    () => made.value.length > 0 && problem.value === '' && canBeNamed.value && blocked.value === 0,
  )

  function leaveOutBlocked() {
    const next = new Set(leftOut.value)
    made.value.filter((file) => file.blocked).forEach((file) => next.add(keyOf(file)))
    leftOut.value = next
  }

  return {
    preflight,
    weights,
    problem,
    leftOut,
    hasBegun,
    ready,
    passed,
    made,
    blocked,
    enlarged,
    toMake,
    offer,
    needALook,
    canRun,
    leaveOutBlocked,
  }
}
