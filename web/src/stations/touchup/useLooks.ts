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
import type { TileBoard } from './board/TileBoard'
import { useStandIns } from './useStandIns'
import type { Table } from './useTable'

const STAGE_GREY = '#8e8e8c'

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

  const standIns = useStandIns(picture)

  function painterNow(board: TileBoard) {
    if (held.value) return originalPainter(board)
    if (matteOnly.value) return mattePainter(board)
    return wipeAt.value === null
      ? resultPainter(board, ground.value)
      : wipePainter(board, ground.value, wipeAt.value)
  }

  const resultPaint = computed(() => {
    const soon = table.laid.value ? null : standIns.result(() => ground.value)
    if (!table.board.value) return soon ?? standIns.result(() => ground.value)
    const paint = painterNow(table.board.value)
    return (...stage: Parameters<typeof paint>) => {
      // Painting asks for the tiles, too.
      paint(...stage)
      soon?.(stage[0], stage[1])
      table.noteDrawn()
    }
  })
  const hatchPaint = computed(() =>
    table.board.value && table.laid.value
      ? hatchPainter(table.board.value, hatch.value / 100)
      : standIns.photograph(() => STAGE_GREY),
  )
  const resultLabel = computed(() => {
    if (table.problem.value) return table.problem.value
    if (!table.laid.value) return 'Laying the picture on the bench'
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
