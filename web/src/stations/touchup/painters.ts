import { fillFor } from '../../stage/backdrops'
import type { Size } from '../../stage/box'
import type { View } from '../../stage/view'
import type { Pyramid } from './Pyramid'

type Painter = (context: CanvasRenderingContext2D, view: View) => void

const HATCH_PX = 8

function place(context: CanvasRenderingContext2D, pyramid: Pyramid, size: Size, v: View) {
  const level = pyramid.levelFor(v.scale)
  if (!level) return
  context.imageSmoothingEnabled = v.scale * window.devicePixelRatio < 4
  context.imageSmoothingQuality = 'low'
  context.drawImage(level, v.x, v.y, size.width * v.scale, size.height * v.scale)
}

function ground(context: CanvasRenderingContext2D, css: string) {
  context.fillStyle = fillFor(context, css)
  context.fillRect(0, 0, context.canvas.width, context.canvas.height)
}

/** The cutout on a backdrop. */
export function resultPainter(cutout: Pyramid, size: Size, backdrop: string): Painter {
  return (context, v) => {
    ground(context, backdrop)
    place(context, cutout, size, v)
  }
}

/** The photograph alone. */
export function originalPainter(original: Pyramid, size: Size): Painter {
  return (context, v) => {
    ground(context, '#8e8e8c')
    place(context, original, size, v)
  }
}

/** The photograph with a hatch over what is removed; the hatch shows as much as is missing. */
export function hatchPainter(original: Pyramid, cutout: Pyramid, size: Size): Painter {
  const layer = document.createElement('canvas')
  return (context, v) => {
    ground(context, '#8e8e8c')
    place(context, original, size, v)
    const { width, height } = context.canvas
    if (layer.width !== width || layer.height !== height) {
      layer.width = width
      layer.height = height
    }
    const over = layer.getContext('2d')
    if (!over) return
    const ratio = window.devicePixelRatio
    over.setTransform(1, 0, 0, 1, 0, 0)
    over.globalCompositeOperation = 'copy'
    over.fillStyle = hatch(over)
    over.fillRect(0, 0, width, height)
    over.setTransform(ratio, 0, 0, ratio, 0, 0)
    over.globalCompositeOperation = 'destination-out'
    place(over, cutout, size, v)
    context.save()
    context.beginPath()
    context.rect(v.x, v.y, size.width * v.scale, size.height * v.scale)
    context.clip()
    context.drawImage(layer, 0, 0, width / ratio, height / ratio)
    context.restore()
  }
}

let tile: HTMLCanvasElement | undefined

function hatch(context: CanvasRenderingContext2D): CanvasPattern | string {
  if (!tile) {
    tile = document.createElement('canvas')
    tile.width = tile.height = HATCH_PX
    const c = tile.getContext('2d')
    if (c) {
      c.fillStyle = '#3b3f8f59'
      c.fillRect(0, 0, HATCH_PX, HATCH_PX)
      c.strokeStyle = '#3b3f8fd9'
      c.lineWidth = 2
      for (const shift of [-HATCH_PX, 0, HATCH_PX]) {
        c.moveTo(shift - 1, HATCH_PX + 1)
        c.lineTo(shift + HATCH_PX + 1, -1)
      }
      c.stroke()
    }
  }
  return context.createPattern(tile, 'repeat') ?? '#3b3f8f80'
}
