import { fillFor } from '../../../stage/backdrops'
import type { Box } from '../../../stage/box'
import type { LoupeSource } from '../../../stage/loupe'
import type { View } from '../../../stage/view'
import { cutout, edge, photograph, stageOf, tiles } from './drawTiles'
import { offLevel } from './grid'
import { hatch } from '../../../stage/patterns'
import type { TileBoard } from './TileBoard'

/** Draws all, or only what lies in a box of the screen. */
type Painter = (context: CanvasRenderingContext2D, view: View, changed?: Box) => void

const GRID_FROM_SCALE = 10
const STAGE_GREY = '#8e8e8c'

function ground(context: CanvasRenderingContext2D, css: string) {
  context.fillStyle = fillFor(context, css)
  context.fillRect(0, 0, context.canvas.width, context.canvas.height)
}

/** The cutout, or how it would be after the edit that is being tried. */
function cutoutOf(context: CanvasRenderingContext2D, board: TileBoard, v: View, changed?: Box) {
  const { trial } = board
  if (!trial) {
    tiles(context, board, v, cutout, changed)
    return
  }
  const box = offLevel(trial.box, trial.level)
  context.save()
  context.beginPath()
  context.rect(0, 0, context.canvas.width, context.canvas.height)
  context.rect(
    box.x * v.scale + v.x,
    box.y * v.scale + v.y,
    box.width * v.scale,
    box.height * v.scale,
  )
  context.clip('evenodd')
  tiles(context, board, v, cutout)
  context.restore()
  context.drawImage(
    trial.canvas,
    box.x * v.scale + v.x,
    box.y * v.scale + v.y,
    box.width * v.scale,
    box.height * v.scale,
  )
}

/** One line between every two pixels, once they are large enough to be told apart. */
function pixelGrid(context: CanvasRenderingContext2D, board: TileBoard, v: View) {
  if (v.scale < GRID_FROM_SCALE) return
  const stage = stageOf(context)
  const { width, height } = board.picture
  context.strokeStyle = '#1b233333'
  context.lineWidth = 1 / window.devicePixelRatio
  context.beginPath()
  const left = Math.max(0, Math.ceil(-v.x / v.scale))
  const right = Math.min(width, Math.floor((stage.width - v.x) / v.scale))
  const top = Math.max(0, Math.ceil(-v.y / v.scale))
  const bottom = Math.min(height, Math.floor((stage.height - v.y) / v.scale))
  for (let x = left; x <= right; x++) {
    context.moveTo(x * v.scale + v.x, top * v.scale + v.y)
    context.lineTo(x * v.scale + v.x, bottom * v.scale + v.y)
  }
  for (let y = top; y <= bottom; y++) {
    context.moveTo(left * v.scale + v.x, y * v.scale + v.y)
    context.lineTo(right * v.scale + v.x, y * v.scale + v.y)
  }
  context.stroke()
}

/** The cutout on a backdrop. */
export function resultPainter(board: TileBoard, backdrop: string): Painter {
  return (context, v, changed) => {
    ground(context, backdrop)
    cutoutOf(context, board, v, changed)
    pixelGrid(context, board, v)
  }
}

/** The photograph alone. */
export function originalPainter(board: TileBoard): Painter {
  return (context, v, changed) => {
    ground(context, STAGE_GREY)
    tiles(context, board, v, photograph, changed)
    pixelGrid(context, board, v)
  }
}

/** The photograph at the left of a line that stands at a share of the stage, the result at its right. */
export function wipePainter(board: TileBoard, backdrop: string, share: number): Painter {
  const result = resultPainter(board, backdrop)
  const original = originalPainter(board)
  return (context, v, changed) => {
    result(context, v, changed)
    const stage = stageOf(context)
    const at = edge(stage.width * share)
    context.save()
    context.beginPath()
    context.rect(0, 0, at, stage.height)
    context.clip()
    original(context, v, changed)
    context.restore()
    context.fillStyle = '#ffffff'
    context.fillRect(at - 1, 0, 2, stage.height)
  }
}

/** What the loupe shows of a board, always tile by tile. */
export function loupeOf(board: TileBoard): LoupeSource {
  return {
    draw(context, layer, at, scale) {
      const ratio = window.devicePixelRatio
      const { width, height } = context.canvas
      const view = {
        scale: scale / ratio,
        x: width / 2 / ratio - (at.x * scale) / ratio,
        y: height / 2 / ratio - (at.y * scale) / ratio,
      } as View
      context.save()
      context.setTransform(ratio, 0, 0, ratio, 0, 0)
      tiles(context, board, view, layer === 'original' ? photograph : cutout, undefined, 'loupe')
      context.restore()
    },
  }
}

/** Coverage alone: white is kept. */
export function mattePainter(board: TileBoard): Painter {
  const layer = document.createElement('canvas')
  return (context, v, changed) => {
    ground(context, '#000000')
    over(layer, context, changed, (c) => {
      c.clearRect(0, 0, layer.width, layer.height)
      cutoutOf(c, board, v, changed)
      c.globalCompositeOperation = 'source-in'
      c.fillStyle = '#ffffff'
      c.fillRect(0, 0, layer.width, layer.height)
    })
    pixelGrid(context, board, v)
  }
}

/** Draws on a layer of its own, no more of it than has changed, and lays it over. */
function over(
  layer: HTMLCanvasElement,
  context: CanvasRenderingContext2D,
  changed: Box | undefined,
  paint: (context: CanvasRenderingContext2D) => void,
) {
  const { width, height } = context.canvas
  if (layer.width !== width || layer.height !== height) {
    layer.width = width
    layer.height = height
  }
  const c = layer.getContext('2d')
  if (!c) return
  const ratio = window.devicePixelRatio
  const stage = stageOf(context)
  const x = Math.max(0, Math.floor(changed?.x ?? 0))
  const y = Math.max(0, Math.floor(changed?.y ?? 0))
  const right = Math.min(stage.width, Math.ceil(changed ? changed.x + changed.width : stage.width))
  const bottom = Math.min(
    stage.height,
    Math.ceil(changed ? changed.y + changed.height : stage.height),
  )
  if (right <= x || bottom <= y) return
  c.save()
  c.setTransform(ratio, 0, 0, ratio, 0, 0)
  c.beginPath()
  c.rect(x, y, right - x, bottom - y)
  c.clip()
  paint(c)
  c.restore()
  const part = [x, y, right - x, bottom - y] as const
  const [sx, sy, sw, sh] = part.map((value) => value * ratio) as [number, number, number, number]
  context.drawImage(layer, sx, sy, sw, sh, ...part)
}

/**
 * The photograph with a hatch over what is removed; the hatch shows as much as is missing.
 *
 * @param strength 0..1, how strongly the hatch shows
 */
export function hatchPainter(board: TileBoard, strength: number): Painter {
  const layer = document.createElement('canvas')
  return (context, v, changed) => {
    ground(context, STAGE_GREY)
    tiles(context, board, v, photograph, changed)
    const { width, height } = board.picture
    context.save()
    context.globalAlpha = strength
    context.beginPath()
    context.rect(v.x, v.y, width * v.scale, height * v.scale)
    context.clip()
    over(layer, context, changed, (c) => {
      c.clearRect(0, 0, layer.width, layer.height)
      c.fillStyle = hatch(c)
      c.fillRect(0, 0, layer.width, layer.height)
      c.globalCompositeOperation = 'destination-out'
      cutoutOf(c, board, v, changed)
    })
    context.restore()
    pixelGrid(context, board, v)
  }
}
