import type { Box, Size } from '../../../stage/box'
import type { View } from '../../../stage/view'
import { meet, offLevel, placesIn, TILE_PX } from './grid'
import type { Tile } from './Tile'
import type { TileBoard } from './TileBoard'

export type Layer = (tile: Tile) => HTMLCanvasElement

export const photograph: Layer = (tile) => tile.photographCanvas
export const cutout: Layer = (tile) => tile.cutoutCanvas

/** The stage in CSS pixels. */
export function stageOf(context: CanvasRenderingContext2D): Size {
  const ratio = window.devicePixelRatio
  return { width: context.canvas.width / ratio, height: context.canvas.height / ratio }
}

/** Whole pixels of the screen, so that tiles meet without a seam. */
export function edge(v: number): number {
  const ratio = window.devicePixelRatio
  return Math.round(v * ratio) / ratio
}

/** Draws what is seen; where a tile is not here yet, a coarser one stands in. */
export function tiles(
  context: CanvasRenderingContext2D,
  board: TileBoard,
  v: View,
  layer: Layer,
  changed?: Box,
  who?: string,
) {
  const smooth = v.scale * window.devicePixelRatio < 4
  context.imageSmoothingEnabled = smooth
  context.imageSmoothingQuality = 'low'
  for (const place of board.show(v, stageOf(context), who)) {
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
