import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, need, sentenceOf } from '../api/client'
import type { ShelfFile } from '../api/types'
import { questionOf, type ShelfFilter } from './filter'

const PAGE = 120
const WAIT_MS = 160

/** Files on the shelf under a filter; those that come into view are fetched page by page. */
export function useShelf(filter: Ref<ShelfFilter>) {
  const total = ref(0)
  /** There are more than are known; they are asked for as one comes near. */
  const more = ref(false)
  const files = shallowRef<ReadonlyMap<number, ShelfFile>>(new Map())
  const problem = ref('')
  const answered = ref(false)
  /** An answer to what was asked before the last change is not wanted any more. */
  let round = 0
  let asked = new Set<number>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let at = new Date()

  async function load(page: number) {
    if (asked.has(page)) return
    asked.add(page)
    const mine = round
    try {
      const answer = await need(
        api.GET('/api/v1/shelf', {
          params: {
            query: { ...questionOf(filter.value, at), offset: page * PAGE, limit: PAGE },
          },
        }),
      )
      if (mine !== round) return
      const found = new Map(page === 0 && !answered.value ? [] : files.value)
      ;((answer.files ?? []) as ShelfFile[]).forEach((file, i) => found.set(page * PAGE + i, file))
      total.value = answer.total ?? 0
      more.value = answer.more === true
      files.value = found
      answered.value = true
      problem.value = ''
    } catch (error) {
      if (mine !== round) return
      asked.delete(page)
      problem.value = sentenceOf(error)
      answered.value = true
    }
  }

  /** What is shown stays until the answer comes. */
  function askAgain() {
    round++
    asked = new Set()
    at = new Date()
    answered.value = false
    void load(0)
  }

  watch(
    filter,
    (now, before) => {
      clearTimeout(timer)
      timer = setTimeout(askAgain, before && now.words !== before.words ? WAIT_MS : 0)
    },
    { immediate: true },
  )
  onScopeDispose(() => clearTimeout(timer))

  /** Files with these places, first and last, come into view. */
  function show(first: number, last: number) {
    if (!answered.value) return
    for (let page = Math.floor(first / PAGE); page * PAGE <= last; page++) {
      if (page * PAGE < total.value) void load(page)
    }
    if (more.value && last + 1 >= total.value) void load(Math.floor(total.value / PAGE))
  }

  return { total, more, files, problem, answered: computed(() => answered.value), show, askAgain }
}
