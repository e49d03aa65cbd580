import type { Ref } from 'vue'
import { useKeys } from '../../shell/useKeys'
import { BACKDROPS, TELL_TALE } from '../../stage/backdrops'
import type { ToolName } from './tools/settings'
import type { useBenchFindings } from './useBenchFindings'
import type { Table } from './useTable'

interface Looks {
  backdrop: Ref<string>
  sideBySide: Ref<boolean>
  matteOnly: Ref<boolean>
  loupe: Ref<boolean>
  wipeAt: Ref<number | null>
  tellTale: () => string | null
}

const HALF = 0.5
const WIPE_STEP = 0.05
const HINT_KINDS = ['subject', 'backdrop', 'mixed'] as const

/** Everything on the bench from the keyboard. */
export function useBenchKeys(
  table: Table,
  found: ReturnType<typeof useBenchFindings>,
  { backdrop, sideBySide, matteOnly, loupe, wipeAt, tellTale }: Looks,
) {
  const { settings, brush, edits } = table

  function nextBackdrop() {
    const i = BACKDROPS.findIndex((b) => b.css === backdrop.value)
    backdrop.value = (BACKDROPS[(i + 1) % BACKDROPS.length] ?? BACKDROPS[0]).css
  }

  /** The tool, and pressed once more its next kind. */
  function hint() {
    if (table.tool.value === 'hint') {
      const i = HINT_KINDS.indexOf(settings.hint)
      settings.hint = HINT_KINDS[(i + 1) % HINT_KINDS.length] ?? 'subject'
    }
    table.choose('hint')
  }

  const wipe = () => (wipeAt.value = wipeAt.value === null ? HALF : null)

  function moveWipe(by: number) {
    if (wipeAt.value === null) return
    wipeAt.value = Math.max(0, Math.min(1, wipeAt.value + by))
  }

  const flip = () => (settings.mode = settings.mode === 'erase' ? 'restore' : 'erase')
  const take = (tool: ToolName) => () => table.choose(tool)

  useKeys({
    e: () => table.choose('brush', 'erase'),
    r: () => table.choose('brush', 'restore'),
    s: take('strand'),
    l: take('trace'),
    a: take('area'),
    g: take('pick'),
    u: take('subject'),
    k: take('take'),
    d: take('edge'),
    'Shift+d': table.edge.asBefore,
    h: hint,
    f: flip,
    c: () => (settings.followsEdges = !settings.followsEdges),
    i: () => (settings.limit = !settings.limit),
    '[': () => (brush.sizeStep -= 3),
    ']': () => (brush.sizeStep += 3),
    '{': () => (brush.softness -= 10),
    '}': () => (brush.softness += 10),
    n: () => found.walk(1),
    'Shift+n': () => found.walk(-1),
    'Shift+a': () => (found.allDrawn.value = !found.allDrawn.value),
    m: () => (matteOnly.value = !matteOnly.value),
    o: () => (loupe.value = !loupe.value),
    w: () => (sideBySide.value = !sideBySide.value),
    'Shift+w': wipe,
    '-': () => moveWipe(-WIPE_STEP),
    '=': () => moveWipe(WIPE_STEP),
    b: nextBackdrop,
    'Shift+b': () => tellTale() && (backdrop.value = TELL_TALE),
    z: () => table.view.toggleFit(),
    Enter: table.apply,
    Escape: () => void (table.drawn.drop() || found.choose(null)),
    Delete: () => void table.hinting.drop(),
    Backspace: () => void table.hinting.drop(),
    'Ctrl+z': table.undo,
    'Ctrl+Shift+z': edits.redo,
    'Ctrl+y': edits.redo,
    'Ctrl+s': () => undefined,
  })
}
