import { ref, shallowRef } from 'vue'
import type { Area, EditData } from '../api/types'
import type { StagePointer } from '../stage/PictureStage.vue'
import { View } from '../stage/view'
import type { Bench } from '../stations/touchup/tools/hand'
import type { Settings } from '../stations/touchup/tools/settings'

/** A bench on which nothing is drawn: what a tool does to it is written down. */
export function aBench() {
  const kept: EditData[] = []
  const tried: EditData[] = []
  const painted: string[] = []
  const view = new View()
  view.scale = 1
  const bench: Bench = {
    board: shallowRef({
      begin: (stroke: { mode: string }) => void painted.push(`begin ${stroke.mode}`),
      extend: () => void painted.push('extend'),
      end: () => void painted.push('end'),
    }) as unknown as Bench['board'],
    view,
    brush: { sizeStep: 50, sizePx: 40, softness: 50, strength: 100 },
    settings: {
      mode: 'erase',
      followsEdges: false,
      limit: false,
      hint: 'subject',
      shape: 'box',
      joining: 'add',
      fromPx: 6,
      toPx: 2,
      opacity: 100,
      lineSoftness: 10,
      lineColour: null,
      everywhere: false,
      inverted: false,
    } as Settings,
    trial: { show: (edit) => void tried.push(edit), end: () => undefined },
    area: ref<Area | null>(null),
    keep: (edit, key = 'k') => {
      kept.push(edit)
      return key
    },
    draft: () => undefined,
    redraw: () => undefined,
  }
  return { bench, kept, tried, painted }
}

export const pointer = (x: number, y: number, more: Partial<PointerEvent> = {}): StagePointer => ({
  x,
  y,
  event: { clientX: x, clientY: y, pointerType: 'mouse', ...more } as PointerEvent,
})
