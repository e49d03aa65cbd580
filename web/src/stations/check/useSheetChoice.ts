import { computed, reactive, ref } from 'vue'
import type { Picture } from '../../api/types'
import { sieved, type SheetSieve } from './findings'

/**
 * What a contact sheet shows, and what of it would be passed: what is trusted enough, unless a hand
 * has decided otherwise.
 *
 * @param trustedFrom the confidence from which nineteen of twenty cutouts pass as they are
 */
export function useSheetChoice(queue: () => Picture[], trustedFrom: number) {
  const sieve = reactive<SheetSieve>({ kind: null, group: null, method: null })
  const atLeast = ref(trustedFrom)
  /** True = passes though the sieve leaves it out, false = the other way. */
  const byHand = ref(new Map<number, boolean>())

  const isTrusted = (p: Picture) => (p.confidence ?? 0) >= atLeast.value
  const passes = (p: Picture) => byHand.value.get(p.id) ?? isTrusted(p)

  /** First what the sieve passes, the least trusted of it in front; then what it leaves out. */
  const shown = computed(() =>
    sieved(queue(), sieve).sort(
      (a, b) =>
        Number(isTrusted(b)) - Number(isTrusted(a)) ||
        (a.confidence ?? 0) - (b.confidence ?? 0) ||
        a.place - b.place,
    ),
  )
  const toPass = computed(() => shown.value.filter(passes))
  const below = computed(() => shown.value.filter((p) => !isTrusted(p)).length)

  function toggle(picture: Picture) {
    const next = new Map(byHand.value)
    if (!next.delete(picture.id)) next.set(picture.id, !isTrusted(picture))
    byHand.value = next
  }

  const words = computed(() => {
    const n = toPass.value.length.toLocaleString('en')
    const untouched = byHand.value.size === 0 && atLeast.value > 0
    if (!untouched) return `Pass ${n}`
    return toPass.value.length
      ? `Pass ${n} at ${atLeast.value} or above`
      : `None at ${atLeast.value} or above`
  })

  return { sieve, atLeast, isTrusted, passes, shown, toPass, below, toggle, words }
}
