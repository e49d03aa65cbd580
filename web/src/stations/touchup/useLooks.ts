import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Picture } from '../../api/types'
import { useHeld } from '../../shell/useHeld'
import { backdropOf } from '../../stage/backdrops'
import {
  hatchPainter,
  mattePainter,
  originalPainter,
  resultPainter,
  wipePainter,
} from './board/painters'
import type { Table } from './useTable'

/** The ways in which the picture on the bench can be looked at. */
export function useLooks(picture: Picture, table: Table) {
  const backdrop = useLocalStorage('touch-up-backdrop', '#8e8e8c')
  const sideBySide = useLocalStorage('touch-up-side-by-side', true)
  const hatch = useLocalStorage('touch-up-hatch', 85)
  const loupe = useLocalStorage('touch-up-loupe', false)
  const matteOnly = ref(false)
  /** Where the wipe stands, as a share of the stage; null = there is none. */
  const wipeAt = ref<number | null>(null)
  const held = useHeld(' ')
  const ground = computed(() => backdropOf(backdrop.value, picture.tellTale))

  const nothing = (c: CanvasRenderingContext2D) =>
    c.clearRect(0, 0, c.canvas.width, c.canvas.height)
  const resultPaint = computed(() => {
    if (!table.board.value) return nothing
    if (held.value) return originalPainter(table.board.value)
    if (matteOnly.value) return mattePainter(table.board.value)
    return wipeAt.value === null
      ? resultPainter(table.board.value, ground.value)
      : wipePainter(table.board.value, ground.value, wipeAt.value)
  })
  const hatchPaint = computed(() =>
    table.board.value ? hatchPainter(table.board.value, hatch.value / 100) : nothing,
  )
  const resultLabel = computed(() => {
    if (table.problem.value) return table.problem.value
    if (!table.board.value) return 'Laying the picture on the bench'
    if (held.value) return 'Original'
    if (wipeAt.value !== null) return 'Photograph at the left, result at the right'
    return matteOnly.value ? 'Matte' : 'Result'
  })

  return {
    backdrop,
    sideBySide,
    hatch,
    loupe,
    matteOnly,
    wipeAt,
    ground,
    resultPaint,
    hatchPaint,
    resultLabel,
    tellTale: () => picture.tellTale,
  }
}
