import { ref } from 'vue'
import type { EditData } from '../../../api/types'
import type { StagePointer } from '../../../stage/PictureStage.vue'
import { newKey, pointOf, type Bench, type Hand, type Point } from './hand'
import type { ToolName } from './settings'
import type { Things } from './useThing'

const FULL_PRESSURE = 0.5
const DRAFT_MS = 400

/** A stroke that the server works out: its way is shown until the result is there. */
export interface Trail {
  key: string
  sizePx: number
  points: number[]
  kind: 'restore' | 'erase' | 'strand' | 'subject' | 'backdrop' | 'mixed'
}

/**
 * Strokes of every kind. The plain brush becomes pixels at once; strokes that look under themselves
 * leave a trail until the server has worked them out.
 */
export function useStroke(bench: Bench, tool: () => ToolName, things: Things) {
  const at = ref<Point | null>(null)
  const trails = ref<Trail[]>([])
  let points: number[] | null = null
  let edit: EditData = {}
  let last: Point | null = null
  let key = ''
  let drafted = 0

  const { brush, settings } = bench
  /** Painted here, to the byte as on the server; an area would have to be painted too. */
  const isPlain = () => tool() === 'brush' && !settings.followsEdges && edit.within === undefined

  function begun(event: PointerEvent): EditData {
    const pressure = event.pointerType === 'pen' ? event.pressure / FULL_PRESSURE : 1
    const sizePx = Math.max(1, Math.round(brush.sizePx * Math.min(1, pressure)))
    const shape = { sizePx, softness: brush.softness / 100, strength: brush.strength / 100 }
    switch (tool()) {
      case 'strand':
        return { kind: 'strand', ...shape }
      case 'hint':
        return { kind: 'hint', mode: settings.hint, sizePx, wide: !event.altKey }
      default:
        return { kind: 'brush', mode: settings.mode, ...shape, edgeAware: settings.followsEdges }
    }
  }

  function press(pointer: StagePointer) {
    const board = bench.board.value
    if (!board) return
    edit = begun(pointer.event)
    if (settings.limit && bench.area.value) edit.within = bench.area.value
    const to = pointOf(pointer)
    const from = pointer.event.shiftKey && last ? last : to
    points = [from.x, from.y]
    key = newKey()
    drafted = performance.now()
    if (isPlain()) {
      bench.redraw(board.begin(plain(), from.x, from.y, bench.view.scale) ?? undefined)
    } else {
      trails.value = [...trails.value, { key: 'live', ...trail() }]
      lookAround()
    }
    if (from !== to) go(to)
  }

  const plain = () => ({
    mode: edit.mode ?? 'erase',
    sizePx: edit.sizePx ?? 1,
    softness: edit.softness ?? 0,
    strength: edit.strength ?? 1,
  })

  /** A wide hint shows what it would change while it is drawn. */
  function lookAround() {
    if (edit.kind !== 'hint' || !edit.wide || edit.mode === 'mixed') return
    void things.ask({ ...edit, points: [...(points ?? [])] })
  }

  function trail(): Omit<Trail, 'key'> {
    const kind = (edit.kind === 'strand' ? 'strand' : edit.mode) as Trail['kind']
    return { sizePx: edit.sizePx ?? 1, points: points ?? [], kind }
  }

  function move(pointer: StagePointer) {
    at.value = { x: pointer.x, y: pointer.y }
    if (points) go(pointOf(pointer))
  }

  function go({ x, y }: Point) {
    if (!points || (x === points.at(-2) && y === points.at(-1))) return
    points.push(x, y)
    if (performance.now() - drafted > DRAFT_MS) {
      drafted = performance.now()
      bench.draft({ ...edit, points: [...points] }, key)
    }
    if (isPlain()) {
      const box = bench.board.value?.extend(x, y)
      if (box) bench.redraw(box)
    } else {
      trails.value = trails.value.map((t) =>
        t.key === 'live' ? { ...t, points: [...(points ?? [])] } : t,
      )
      lookAround()
    }
  }

  function release() {
    if (!points) return
    if (isPlain()) bench.board.value?.end(key)
    trails.value = trails.value.map((t) => (t.key === 'live' ? { ...t, key } : t))
    bench.keep({ ...edit, points }, key)
    last = { x: points.at(-2) ?? 0, y: points.at(-1) ?? 0 }
    points = null
  }

  /** The server has worked a stroke out, or it is not kept. */
  function done(key: string) {
    if (!points) things.end()
    trails.value = trails.value.filter((t) => t.key !== key)
  }

  function leave() {
    if (!points) at.value = null
  }

  const hand: Hand = { press, move, release }
  return { hand, at, trails, done, leave }
}
