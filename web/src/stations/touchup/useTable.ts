import { useLocalStorage } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { sentenceOf } from '../../api/client'
import type { Area, Edit, EditData, EditList, Picture } from '../../api/types'
import type { Box } from '../../stage/box'
import { useView } from '../../stage/view'
import { tilesOf } from './board/fetchTile'
import { TileBoard } from './board/TileBoard'
import { newKey, type Bench, type Point } from './tools/hand'
import { useSettings, type Mode, type ToolName } from './tools/settings'
import { useArea } from './tools/useArea'
import { useBoxes } from './tools/useBoxes'
import { useHints } from './tools/useHints'
import { usePick } from './tools/usePick'
import { useStroke } from './tools/useStroke'
import { useThing } from './tools/useThing'
import { useTrace } from './tools/useTrace'
import { useTrial } from './tools/useTrial'
import { useBrush } from './useBrush'
import { useEdge } from './useEdge'
import { useEdits } from './useEdits'

/** One picture on the bench: its tiles, its edits, and the tool in the hand. */
export function useTable(picture: Picture, show: (part?: Box) => void, say: (s: string) => void) {
  const view = useView()
  view.setPicture(picture)
  const board = shallowRef<TileBoard | null>(null)
  const problem = ref('')
  /** Grows with everything that is drawn. */
  const painted = ref(0)
  /** Where the pointer is, in pixels of the picture. */
  const pointed = shallowRef<Point | null>(null)
  /** The state of which all that is seen is drawn; empty = something is still to come. */
  const drawnState = ref('')
  /** All that is seen has been there once. */
  const laid = ref(false)
  const tool = ref<ToolName>('brush')
  const settings = useSettings()
  const brush = useBrush(Math.max(picture.width, picture.height))
  const area = useLocalStorage<Area | null>(`area-of-${picture.id}`, null, {
    serializer: { read: (v) => JSON.parse(v) as Area | null, write: (v) => JSON.stringify(v) },
  })
  const version = ref<number | null>(null)
  const edits = useEdits(picture.id, { answered, refused, joined })
  const trial = useTrial(picture.id, () => edits.baseVersionId.value, board, view)

  const edge = useEdge(tool, trial, () => (settings.limit ? area.value : null), keep)
  const draft = edits.draft
  const bench: Bench = { board, view, brush, settings, trial, area, keep, draft, redraw }
  const things = useThing(picture.id)
  const stroke = useStroke(bench, () => tool.value, things)
  watch([tool, drawnState], () => {
    const asks = tool.value === 'hint' || tool.value === 'subject'
    if (asks && drawnState.value !== '') things.getReady()
  })
  const drawn = useArea(bench, picture.id)
  const boxes = useBoxes(
    bench,
    () => (tool.value === 'take' ? 'take' : 'subject'),
    () => version.value,
    things,
  )
  const pick = usePick(
    bench,
    () => lastOf('pick')?.edit,
    (edit) => {
      const last = lastOf('pick')
      if (last) edits.change(last, { edit })
    },
  )
  const trace = useTrace(bench, colourAt)
  const hints = computed(() => edits.active.value.filter((e) => e.edit.kind === 'hint'))
  const hinting = useHints(
    hints,
    () => view.scale,
    stroke.hand,
    (hint, edit) => edits.change(hint, { edit }),
    edits.remove,
  )

  function noteDrawn() {
    drawnState.value = board.value?.complete ? board.value.state : ''
    if (drawnState.value !== '') laid.value = true
  }

  function redraw(part?: Box) {
    painted.value++
    show(part)
  }

  onMounted(async () => {
    try {
      await edits.load()
      lay()
    } catch (error) {
      problem.value = sentenceOf(error)
    }
  })

  /** Lays the picture out, as it is on the server now. */
  function lay() {
    if (edits.baseVersionId.value === null) return
    const source = tilesOf(picture.id, edits.baseVersionId.value)
    const come = (box?: Box) => redraw(box)
    board.value = new TileBoard(picture, source, edits.state.value, come, edits.lookAgain)
    redraw()
  }

  function answered(list: EditList, edit: string) {
    board.value?.saved(edit)
    board.value?.changed(list.changed, list.state, edit)
    noteDrawn()
    finish(edit)
    edge.lookAgain()
  }

  function refused(sentence: string, edit: string) {
    board.value?.takeBack(edit)
    finish(edit)
    say(sentence)
  }

  function joined(count: number) {
    say(
      `Somebody else mends this picture too: ${count === 1 ? 'an edit' : `${count} edits`} came in`,
    )
  }

  function finish(edit: string) {
    stroke.done(edit)
    boxes.done(edit)
  }

  function keep(edit: EditData, key = newKey()): string {
    const limited = settings.limit && area.value && edit.kind !== 'area' && !edit.within
    edits.add(key, limited ? { ...edit, within: area.value ?? undefined } : edit)
    return key
  }

  const lastOf = (kind: string) => edits.made.value.findLast((e) => e.edit.kind === kind)

  function undo() {
    const edit = edits.undo()
    if (edit) board.value?.takeBack(edit.clientKey)
  }

  /** What is set, drawn or chosen becomes an edit. */
  function apply() {
    if (drawn.close()) return
    if (tool.value === 'edge') edge.keep()
    else if (tool.value === 'area' && area.value) {
      keep({ kind: 'area', mode: settings.mode, area: area.value })
      if (!settings.limit) area.value = null
    } else if (tool.value === 'take' && area.value && version.value !== null) {
      keep({ kind: 'take', versionId: version.value, area: area.value })
      if (!settings.limit) area.value = null
    }
  }

  async function colourAt({ x, y }: { x: number; y: number }): Promise<string | null> {
    const place = { level: 0, column: Math.floor(x / 512), row: Math.floor(y / 512) }
    const source = tilesOf(picture.id, edits.baseVersionId.value ?? 0)
    const pixels = await source.photograph(place).catch(() => null)
    const width = Math.min(512, picture.width - place.column * 512)
    const i = 4 * ((Math.floor(y) % 512) * width + (Math.floor(x) % 512))
    if (!pixels) return null
    const hex = [0, 1, 2].map((c) => (pixels[i + c] ?? 0).toString(16).padStart(2, '0'))
    return `#${hex.join('')}`
  }

  function choose(next: ToolName, mode?: Mode) {
    if (tool.value === 'edge' && next !== 'edge') trial.end()
    tool.value = next
    if (mode) settings.mode = mode
    edge.lookAgain()
  }

  const hand = computed(
    () =>
      ({
        brush: stroke.hand,
        strand: stroke.hand,
        hint: hinting.hand,
        trace: trace.hand,
        area: drawn.hand,
        pick: pick.hand,
        subject: boxes.hand,
        take: boxes.hand,
        edge: { press: () => undefined, move: () => undefined, release: () => undefined },
      })[tool.value],
  )

  function lookOf(edit: Edit): string | null {
    if (!edit.box) return null
    const { x, y, width, height } = edit.box
    return (
      `/api/v1/pictures/${picture.id}/bench/${edits.baseVersionId.value}/look.png` +
      `?x=${x}&y=${y}&width=${width}&height=${height}&edit=${edit.id}`
    )
  }

  return {
    view,
    board,
    problem,
    painted,
    pointed,
    pointAt: (at: Point) => (pointed.value = at),
    drawnState,
    laid,
    noteDrawn,
    tool,
    settings,
    brush,
    area,
    edge,
    version,
    edits,
    stroke,
    thing: things.thing,
    drawn,
    boxes,
    pick,
    trace,
    hand,
    hints,
    hinting,
    lay,
    undo,
    apply,
    choose,
    lookOf,
  }
}

export type Table = ReturnType<typeof useTable>
