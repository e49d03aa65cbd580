import { fillFor } from '../../../stage/backdrops'
import type { Box, Size } from '../../../stage/box'
import type { View } from '../../../stage/view'
import { meet, offLevel, placesIn, TILE_PX } from './grid'
import type { Tile } from './Tile'
import type { TileBoard } from './TileBoard'

/** Draws all, or only what lies in a box of the screen. */
type Painter = (context: CanvasRenderingContext2D, view: View, changed?: Box) => void
type Layer = (tile: Tile) => HTMLCanvasElement

const HATCH_PX = 8
const GRID_FROM_SCALE = 10
const STAGE_GREY = '#8e8e8c'

const photograph: Layer = (tile) => tile.photographCanvas
const cutout: Layer = (tile) => tile.cutoutCanvas

function stageOf(context: CanvasRenderingContext2D): Size {
  const ratio = window.devicePixelRatio
  return { width: context.canvas.width / ratio, height: context.canvas.height / ratio }
}

/** Whole pixels of the screen, so that tiles meet without a seam. */
function edge(v: number): number {
  const ratio = window.devicePixelRatio
  return Math.round(v * ratio) / ratio
}

/** Draws what is seen; where a tile is not here yet, a coarser one stands in. */
function tiles(
  context: CanvasRenderingContext2D,
  board: TileBoard,
  v: View,
  layer: Layer,
  changed?: Box,
) {
  const smooth = v.scale * window.devicePixelRatio < 4
  context.imageSmoothingEnabled = smooth
  context.imageSmoothingQuality = 'low'
  for (const place of board.show(v, stageOf(context))) {
    const tile = board.tile(place)
    if (tile && changed && !meet(onScreen(tile, place.level, v), changed)) continue
    if (tile) draw(context, tile, place.level, v, layer)
    else coarser(context, board, place, v, layer)
  }
}

/** Where a tile stands on the screen, and a little more. */
function onScreen(tile: Tile, level: number, v: View): Box {
  const box = offLevel(tile.box, level)
  return {
    x: box.x * v.scale + v.x - 1,
    y: box.y * v.scale + v.y - 1,
    width: box.width * v.scale + 2,
    height: box.height * v.scale + 2,
  }
}

function draw(context: CanvasRenderingContext2D, tile: Tile, level: number, v: View, layer: Layer) {
  const box = offLevel(tile.box, level)
  const x = edge(box.x * v.scale + v.x)
  const y = edge(box.y * v.scale + v.y)
  const right = edge((box.x + box.width) * v.scale + v.x)
  const bottom = edge((box.y + box.height) * v.scale + v.y)
  context.drawImage(layer(tile), x, y, right - x, bottom - y)
}

function coarser(
  context: CanvasRenderingContext2D,
  board: TileBoard,
  place: { level: number; column: number; row: number },
  v: View,
  layer: Layer,
) {
  const size = board.sizes[place.level]
  if (!size) return
  const here = offLevel(
    { x: place.column * TILE_PX, y: place.row * TILE_PX, width: TILE_PX, height: TILE_PX },
    place.level,
  )
  context.save()
  context.beginPath()
  context.rect(
    edge(here.x * v.scale + v.x),
    edge(here.y * v.scale + v.y),
    edge(here.width * v.scale),
    edge(here.height * v.scale),
  )
  context.clip()
  for (let level = place.level + 1; level < board.sizes.length; level++) {
    const places = placesIn(here, level, board.sizes)
    const found = places.map((p) => board.tile(p))
    if (found.every((tile) => tile !== undefined)) {
      for (const tile of found) if (tile) draw(context, tile, level, v, layer)
      break
    }
  }
  context.restore()
}

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
