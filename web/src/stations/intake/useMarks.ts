import { computed, ref, watch, type Ref } from 'vue'

interface Modifiers {
  ctrlKey: boolean
  metaKey: boolean
  shiftKey: boolean
}

/**
 * Which of many things are marked: one by a press, one more with Ctrl, a range with Shift. What is
 * done is done to those that are marked, or else to the one that has the focus.
 */
export function useMarks<T extends { id: number }>(
  list: Ref<readonly T[]>,
  focusId: Ref<number | null>,
) {
  const marked = ref(new Set<number>())
  /** Where a range begins. */
  const anchorId = ref<number | null>(null)

  const at = (id: number | null) => list.value.findIndex((item) => item.id === id)

  function press(id: number, keys: Modifiers) {
    if (keys.shiftKey) {
      rangeTo(id)
    } else if (keys.ctrlKey || keys.metaKey) {
      const next = new Set(marked.value)
      if (next.size === 0 && focusId.value !== null) next.add(focusId.value)
      if (!next.delete(id)) next.add(id)
      marked.value = next
      anchorId.value = id
    } else {
      marked.value = new Set()
      anchorId.value = id
    }
    focusId.value = id
  }

  function rangeTo(id: number) {
    const from = at(anchorId.value ?? focusId.value ?? id)
    const to = at(id)
    const begin = list.value[from]
    if (!begin || to < 0) return
    anchorId.value = begin.id
    const [low, high] = from < to ? [from, to] : [to, from]
    marked.value = new Set(list.value.slice(low, high + 1).map((item) => item.id))
  }

  /** Moves the focus; with {@code extend} the range goes with it. */
  function move(step: number, extend: boolean) {
    const now = at(focusId.value)
    const next = list.value[Math.max(0, Math.min(list.value.length - 1, now + step))]
    if (!next) return
    if (extend) {
      anchorId.value ??= focusId.value
      rangeTo(next.id)
    } else {
      marked.value = new Set()
      anchorId.value = next.id
    }
    focusId.value = next.id
  }

  function all() {
    marked.value = new Set(list.value.map((item) => item.id))
  }

  function clear() {
    marked.value = new Set()
  }

  // What is not on the screen any more must not be acted on unseen.
  watch(list, (now) => {
    if (marked.value.size === 0) return
    const there = new Set(now.map((item) => item.id))
    const kept = [...marked.value].filter((id) => there.has(id))
    if (kept.length < marked.value.size) marked.value = new Set(kept)
  })

  const chosen = computed(() =>
    marked.value.size > 0
      ? list.value.filter((item) => marked.value.has(item.id))
      : list.value.filter((item) => item.id === focusId.value),
  )

  return { marked, chosen, press, move, all, clear }
}
