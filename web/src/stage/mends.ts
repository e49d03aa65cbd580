import type { Area, Finding } from '../api/types'
import type { View } from './view'
import { dots, hatch } from './patterns'

/** A mend on the stage: where it changes something, and what it does there. */
export interface ShownMend {
  /** Place of its finding in the picture's list. */
  finding: number
  goes: 'back' | 'away' | 'along'
  area: Area
}

/** The outlines of an area in pixels of the picture; holes turn the other way, so evenodd leaves them out. */
export function pathOf(area: Area): Path2D {
  const path = new Path2D()
  for (const { shape, points } of area.parts) {
    if (shape === 'box') {
      const [x = 0, y = 0, right = 0, bottom = 0] = points
      path.rect(x, y, right - x, bottom - y)
      continue
    }
    for (let i = 0; i + 1 < points.length; i += 2) {
      const x = points[i] ?? 0
      const y = points[i + 1] ?? 0
      if (i === 0) path.moveTo(x, y)
      else path.lineTo(x, y)
    }
    path.closePath()
  }
  return path
}

/**
 * Draws what mends would do: the photograph with dots where something comes back, a hatch where
 * something goes. The chosen one has a whole outline, the others dashes.
 */
export function paintMends(
  context: CanvasRenderingContext2D,
  v: View,
  mends: { mend: ShownMend; path: Path2D }[],
  chosen: number | null,
  photograph: ImageBitmap | null,
  size: { width: number; height: number },
) {
  for (const { mend, path } of mends) {
    if (mend.goes === 'along') continue
    const onScreen = new Path2D()
    onScreen.addPath(path, new DOMMatrix([v.scale, 0, 0, v.scale, v.x, v.y]))
    context.save()
    context.clip(onScreen, 'evenodd')
    if (mend.goes === 'back' && photograph) {
      context.drawImage(photograph, v.x, v.y, size.width * v.scale, size.height * v.scale)
    }
    context.fillStyle = mend.goes === 'back' ? dots(context) : hatch(context)
    context.fillRect(0, 0, context.canvas.width, context.canvas.height)
    context.restore()
    const isChosen = mend.finding === chosen
    context.lineJoin = 'round'
    context.setLineDash([])
    context.strokeStyle = '#1b2333c0'
    context.lineWidth = isChosen ? 3.5 : 2.5
    context.stroke(onScreen)
    context.setLineDash(isChosen ? [] : [5, 4])
    context.strokeStyle = '#fff'
    context.lineWidth = 1.5
    context.stroke(onScreen)
    context.setLineDash([])
  }
}

/** "comes back: 24,310 px" */
export function mendWords(finding: Finding): string {
  const { mend } = finding
  if (!mend) return ''
  const px = mend.pixels.toLocaleString('en')
  if (mend.goes === 'back') return `comes back: ${px} px`
  if (mend.goes === 'away') return `goes away: ${px} px`
  return finding.kind === 'fringe' ? 'edge colours are cleaned' : 'the outline is fitted'
}
