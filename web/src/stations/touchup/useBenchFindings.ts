import { watchDebounced } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { api, need } from '../../api/client'
import type { Finding, Picture } from '../../api/types'
import { isSerious } from '../../stage/serious'
import type { View } from '../../stage/view'

const QUIET_MS = 900

/** What is still suspected, looked for anew when the hand rests; walks from one to the next. */
export function useBenchFindings(picture: Picture, state: Ref<string>, view: View) {
  const findings = ref<Finding[]>(picture.findings.filter(isSerious))
  const chosen = ref<number | null>(null)
  /** All are drawn, or the worst. */
  const allDrawn = ref(false)
  let first = true
  let isAsking = false
  let hasChanged = false

  /** One question at a time: looking over a large picture takes longer than a stroke. */
  async function ask() {
    hasChanged = isAsking
    if (isAsking) return
    isAsking = true
    const found = await need(
      api.GET('/api/v1/pictures/{id}/bench/findings', {
        params: { path: { id: picture.id } },
      }),
    ).catch(() => null)
    isAsking = false
    if (hasChanged) return ask()
    if (!found) return
    findings.value = found as Finding[]
    if (chosen.value !== null && chosen.value >= findings.value.length) chosen.value = null
  }

  watchDebounced(
    state,
    () => {
      const needNot = first && picture.inspected
      first = false
      if (!needNot) void ask()
    },
    { debounce: QUIET_MS },
  )

  function choose(index: number | null) {
    chosen.value = index
    const finding = index === null ? undefined : findings.value[index]
    if (finding) view.showPart(finding)
  }

  function walk(by: number) {
    const count = findings.value.length
    if (count === 0) return
    const from = chosen.value ?? (by > 0 ? -1 : 0)
    choose((from + by + count) % count)
  }

  return { findings, chosen, allDrawn, choose, walk }
}
