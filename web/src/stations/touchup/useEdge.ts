import { useLocalStorage } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import type { Area, EdgeSettings, EditData } from '../../api/types'
import { isNoEdge, NO_EDGE, type ToolName } from './tools/settings'
import type { TrialLook } from './tools/useTrial'

/**
 * The outline's settings: seen while they are moved, an edit once they are kept, and remembered for
 * the next picture.
 *
 * @param within the shape that tools are limited to now
 */
export function useEdge(
  tool: Ref<ToolName>,
  trial: TrialLook,
  within: () => Area | null,
  keepEdit: (edit: EditData, key?: string) => void,
) {
  const edge = ref({ ...NO_EDGE })
  const last = useLocalStorage<EdgeSettings>('last-edge', { ...NO_EDGE }, { mergeDefaults: true })

  const edit = (): EditData => ({ kind: 'edge', edge: { ...edge.value } })

  /**
   * @param key of the edit; left out = a new one
   */
  function keep(key?: string) {
    if (isNoEdge(edge.value)) return
    last.value = { ...edge.value }
    keepEdit(edit(), key)
    edge.value = { ...NO_EDGE }
  }

  function look() {
    if (isNoEdge(edge.value)) {
      trial.end()
      return
    }
    const area = within()
    trial.show({ ...edit(), ...(area ? { within: area } : {}) })
  }

  /** What was set and not kept is there when one comes back to it, and after every edit. */
  function lookAgain() {
    if (tool.value === 'edge' && !isNoEdge(edge.value)) look()
  }

  /** The settings that were kept last, on this picture or another, to be looked at and kept. */
  function asBefore() {
    tool.value = 'edge'
    if (isNoEdge(last.value)) return
    edge.value = { ...last.value }
    look()
  }

  /** What they were, in the words of the edit list; null = nothing yet. */
  const before = computed<EditData | null>(() =>
    isNoEdge(last.value) ? null : { kind: 'edge', edge: { ...last.value } },
  )

  return { edge, edit, keep, look, lookAgain, asBefore, before }
}
