import { ref, type Ref, type ShallowRef } from 'vue'
import type { StagePointer } from '../../stage/PictureStage.vue'
import type { Box } from '../../stage/box'
import type { MendingBench } from './loadMending'
import type { BrushSettings } from './useBrush'
import type { useEdits } from './useEdits'

interface Parts {
  bench: ShallowRef<MendingBench | null>
  brush: BrushSettings
  tool: Ref<'erase' | 'restore'>
  edits: ReturnType<typeof useEdits>
  redraw: (part?: Box) => void
}

/** Hundredths of a pixel are finer than any hand and keep the saved points short. */
function rounded(v: number): number {
  return Math.round(v * 100) / 100
}

/** From pointer to paint: what the hand does becomes pixels at once, and an edit at the end. */
export function useStroke({ bench, brush, tool, edits, redraw }: Parts) {
  const at = ref<{ x: number; y: number } | null>(null)
  let points: number[] | null = null
  let settings = { mode: 'erase', sizePx: 1, softness: 0, strength: 1 }
  let last: { x: number; y: number } | null = null

  function press(pointer: StagePointer) {
    const mending = bench.value?.mending
    if (!mending) return
    settings = {
      mode: tool.value,
      sizePx: brush.sizePx,
      softness: brush.softness / 100,
      strength: brush.strength / 100,
    }
    const x = rounded(pointer.x)
    const y = rounded(pointer.y)
    if (pointer.event.shiftKey && last) {
      points = [last.x, last.y, x, y]
      redraw(mending.begin(settings, last.x, last.y))
      redraw(mending.extend(x, y) ?? undefined)
    } else {
      points = [x, y]
      redraw(mending.begin(settings, x, y))
    }
  }

  function move(pointer: StagePointer) {
    at.value = { x: pointer.x, y: pointer.y }
    if (!points || !bench.value) return
    const x = rounded(pointer.x)
    const y = rounded(pointer.y)
    if (x === points.at(-2) && y === points.at(-1)) return
    points.push(x, y)
    const box = bench.value.mending.extend(x, y)
    if (box) redraw(box)
  }

  function release() {
    if (!points || !bench.value) return
    const key = crypto.randomUUID()
    bench.value.mending.end(key)
    edits.add(key, { ...settings, points })
    const y = points.at(-1)
    const x = points.at(-2)
    if (x !== undefined && y !== undefined) last = { x, y }
    points = null
  }

  function leave() {
    if (!points) at.value = null
  }

  return { at, press, move, release, leave }
}
