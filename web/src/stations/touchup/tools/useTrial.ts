import type { Ref } from 'vue'
import type { EditData } from '../../../api/types'
import type { View } from '../../../stage/view'
import { onLevel, seenThrough } from '../board/grid'
import type { TileBoard } from '../board/TileBoard'

/**
 * Shows how an edit would come out, in the part that is seen. One question is under way at a time;
 * of those that come meanwhile only the last is asked.
 */
export function useTrial(
  pictureId: number,
  base: () => number | null,
  board: Ref<TileBoard | null>,
  view: View,
) {
  let asking = false
  let next: EditData | null = null
  let wanted = false

  function show(edit: EditData) {
    wanted = true
    next = edit
    if (!asking) void ask()
  }

  function end() {
    wanted = false
    next = null
    board.value?.try(null)
  }

  async function ask() {
    asking = true
    while (next && board.value) {
      const edit = next
      next = null
      const trial = await fetched(edit, board.value)
      if (trial && wanted) board.value.try(trial)
    }
    asking = false
  }

  async function fetched(edit: EditData, on: TileBoard) {
    const level = on.level(view.scale)
    const size = on.sizes[level]
    if (!size) return null
    const box = onLevel(seenThrough(view, view.stage, on.picture), level)
    const width = Math.min(box.width, size.width - box.x)
    const height = Math.min(box.height, size.height - box.y)
    if (width <= 0 || height <= 0) return null
    const response = await fetch(`/api/v1/pictures/${pictureId}/bench/preview`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ edit, base: base(), level, x: box.x, y: box.y, width, height }),
    }).catch(() => null)
    if (!response?.ok) return null
    const pixels = new Uint8ClampedArray(await response.arrayBuffer())
    const canvas = document.createElement('canvas')
    canvas.width = width
    canvas.height = height
    canvas.getContext('2d')?.putImageData(new ImageData(pixels, width, height), 0, 0)
    return { level, box: { ...box, width, height }, canvas }
  }

  return { show, end }
}

export type TrialLook = ReturnType<typeof useTrial>
