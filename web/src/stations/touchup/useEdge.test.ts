import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Area, EditData } from '../../api/types'
import { NO_EDGE, type ToolName } from './tools/settings'
import { useEdge } from './useEdge'

/** What the browser remembers, over all pictures. */
const remembered = vi.hoisted(() => new Map<string, unknown>())
vi.mock('@vueuse/core', () => ({
  useLocalStorage: (name: string, first: unknown) => {
    if (!remembered.has(name)) remembered.set(name, ref(first))
    return remembered.get(name)
  },
}))

const kept: EditData[] = []
const shown: EditData[] = []
const trial = { show: (edit: EditData) => void shown.push(edit), end: vi.fn() }
const shape = { parts: [], inverted: false, featherPx: 0 } as Area

function anEdge(area: Area | null = null) {
  const tool = ref<ToolName>('brush')
  return {
    tool,
    ...useEdge(
      tool,
      trial,
      () => area,
      (edit) => void kept.push(edit),
    ),
  }
}

describe('the outline’s settings', () => {
  beforeEach(() => {
    kept.length = 0
    shown.length = 0
    remembered.clear()
  })

  it('are an edit once they are kept, and gone from the sliders', () => {
    const edge = anEdge()
    edge.keep()
    expect(kept).toHaveLength(0)

    edge.edge.value.growPx = -3
    edge.keep()

    expect(kept[0]?.edge?.growPx).toBe(-3)
    expect(edge.edge.value).toEqual(NO_EDGE)
  })

  it('come again on the next picture, to be looked at before they are kept', () => {
    const one = anEdge()
    one.edge.value.featherPx = 2
    one.keep()
    kept.length = 0

    const next = anEdge()
    next.asBefore()

    expect(next.tool.value).toBe('edge')
    expect(next.edge.value.featherPx).toBe(2)
    expect(shown.at(-1)?.edge?.featherPx).toBe(2)
    expect(kept).toHaveLength(0)
  })

  it('are looked at inside the shape only', () => {
    const edge = anEdge(shape)
    edge.edge.value.growPx = 1
    edge.look()

    expect(shown.at(-1)?.within).toEqual(shape)
  })

  it('are shown again when one comes back to the tool', () => {
    const edge = anEdge()
    edge.edge.value.growPx = 1
    edge.lookAgain()
    expect(shown).toHaveLength(0)

    edge.tool.value = 'edge'
    edge.lookAgain()

    expect(shown).toHaveLength(1)
  })
})
