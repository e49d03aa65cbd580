import { computed, ref, type Ref } from 'vue'
import type { Box, Part, Setting } from '../../look/look'
import { movedSubject, partAt, resized, sizedSubject, snapped, type Size } from './handles'

type Props = { parts: Part[]; selected: Part | undefined; width: number; height: number }
type Held = { x: number; y: number; box: Box; part: Part; corner: boolean }

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/**
 * Taking hold of a look's parts on the stage: what is pressed is chosen, drawn about and resized.
 *
 * @param shown size of the picture on the screen
 * @param subject where the subject stands, percent of the frame
 */
export function useStageHandles(
  props: Props,
  shown: Ref<Size>,
  subject: Ref<Box | null>,
  emit: {
    set: (part: Part, setting: Setting, key: string) => void
    select: (part: Part) => void
  },
) {
  const lines = ref<{ x: number | null; y: number | null }>({ x: null, y: null })
  const held = ref<Held | null>(null)
  const boxOf = (part: Part | undefined): Box | null => {
    if (!part) return null
    if ('box' in part.setting) return part.setting.box
    return part.setting.kind === 'subject' ? subject.value : null
  }
  const box = computed(() => boxOf(props.selected))

  function down(event: PointerEvent, at: { x: number; y: number }) {
    const part = partAt(props.parts, subject.value, at.x, at.y)
    if (!part) return
    if (part.id !== props.selected?.id) emit.select(part)
    hold(event, part, false)
  }

  function corner(event: PointerEvent) {
    if (props.selected) hold(event, props.selected, true)
  }

  function hold(event: PointerEvent, part: Part, isCorner: boolean) {
    const now = boxOf(part)
    if (!now) return
    ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
    held.value = { x: event.clientX, y: event.clientY, box: now, part, corner: isCorner }
  }

  function drag(event: PointerEvent) {
    const h = held.value
    if (!h || event.buttons !== 1) return
    const dx = (100 * (event.clientX - h.x)) / shown.value.width
    const dy = (100 * (event.clientY - h.y)) / shown.value.height
    if (h.corner) size(h, dx, dy)
    else move(h, dx, dy)
  }

  function size(h: Held, dx: number, dy: number) {
    const s = h.part.setting
    if (s.kind === 'subject') {
      const factor = Math.max(0.05, 1 + Math.max(dx / h.box.width, dy / h.box.height))
      emit.set(h.part, sizedSubject(s, factor, h.box, props), 'size')
    } else if ('box' in s) {
      emit.set(h.part, { ...s, box: resized(h.box, dx, dy) }, 'size')
    }
  }

  function move(h: Held, dx: number, dy: number) {
    const s = h.part.setting
    const snap = snapped({ ...h.box, x: h.box.x + dx, y: h.box.y + dy })
    lines.value = { x: snap.lineX, y: snap.lineY }
    if (s.kind === 'subject') {
      const by = { x: snap.box.x - h.box.x, y: snap.box.y - h.box.y }
      emit.set(h.part, movedSubject(s, by.x, by.y, props), 'place')
    } else if ('box' in s) {
      emit.set(h.part, { ...s, box: snap.box }, 'place')
    }
  }

  function up() {
    held.value = null
    lines.value = { x: null, y: null }
  }

  function nudge(event: KeyboardEvent) {
    const step = ARROWS[event.key]
    const part = props.selected
    if (!step || !part || !box.value) return
    event.preventDefault()
    event.stopPropagation()
    const by = event.shiftKey ? 0.2 : 1
    const s = part.setting
    if (s.kind === 'subject') {
      emit.set(part, movedSubject(s, step[0] * by, step[1] * by, props), 'place')
    } else if ('box' in s) {
      const to = { ...s.box, x: s.box.x + step[0] * by, y: s.box.y + step[1] * by }
      emit.set(part, { ...s, box: to }, 'place')
    }
  }

  return { box, lines, held, down, corner, drag, up, nudge }
}
