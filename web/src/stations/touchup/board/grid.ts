import type { Box, Size } from '../../../stage/box'
import type { View } from '../../../stage/view'

/** The same numbers stand in the server's BenchController and core's Levels. */
export const TILE_PX = 512
const SMALLEST_SIDE = 512

/** Where a tile stands: level 0 is full size, every further one half of it. */
export interface Place {
  level: number
  column: number
  row: number
}

export function keyOf({ level, column, row }: Place): string {
  return `${level}/${column}/${row}`
}

/** Sizes of all levels, full size first. */
export function levelSizes(picture: Size): Size[] {
  const sizes = [{ width: picture.width, height: picture.height }]
  for (let last = sizes[0]; last && Math.max(last.width, last.height) > SMALLEST_SIDE;) {
    last = { width: (last.width + 1) >> 1, height: (last.height + 1) >> 1 }
    sizes.push(last)
  }
  return sizes
}

/** The coarsest level that still has a pixel for every pixel of the screen. */
export function levelFor(scale: number, levels: number): number {
  const wanted = Math.floor(Math.log2(1 / (scale * window.devicePixelRatio)))
  return Math.max(0, Math.min(levels - 1, wanted))
}

export function boxOf(place: Place, sizes: Size[]): Box {
  const size = sizes[place.level] ?? { width: 0, height: 0 }
  const x = place.column * TILE_PX
  const y = place.row * TILE_PX
  return {
    x,
    y,
    width: Math.min(TILE_PX, size.width - x),
    height: Math.min(TILE_PX, size.height - y),
  }
}

/** A box of the picture in pixels of a level, grown to whole ones. */
export function onLevel(box: Box, level: number): Box {
  const by = 1 << level
  const x = Math.floor(box.x / by)
  const y = Math.floor(box.y / by)
  return {
    x,
    y,
    width: Math.ceil((box.x + box.width) / by) - x,
    height: Math.ceil((box.y + box.height) / by) - y,
  }
}

export function offLevel(box: Box, level: number): Box {
  const by = 1 << level
  return { x: box.x * by, y: box.y * by, width: box.width * by, height: box.height * by }
}

export function meet(a: Box, b: Box): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height
}

/** The part of the picture that a stage shows. */
export function seenThrough(view: View, stage: Size, picture: Size): Box {
  const x = Math.max(0, Math.floor(-view.x / view.scale))
  const y = Math.max(0, Math.floor(-view.y / view.scale))
  const right = Math.min(picture.width, Math.ceil((stage.width - view.x) / view.scale))
  const bottom = Math.min(picture.height, Math.ceil((stage.height - view.y) / view.scale))
  return { x, y, width: Math.max(0, right - x), height: Math.max(0, bottom - y) }
}

/** Tiles of a level that hold a box of the picture. */
export function placesIn(box: Box, level: number, sizes: Size[]): Place[] {
  const size = sizes[level]
  if (!size || box.width === 0 || box.height === 0) return []
  const part = onLevel(box, level)
  const places: Place[] = []
  const lastRow = Math.floor((Math.min(size.height, part.y + part.height) - 1) / TILE_PX)
  const lastColumn = Math.floor((Math.min(size.width, part.x + part.width) - 1) / TILE_PX)
  for (let row = Math.floor(part.y / TILE_PX); row <= lastRow; row++) {
    for (let column = Math.floor(part.x / TILE_PX); column <= lastColumn; column++) {
      places.push({ level, column, row })
    }
  }
  return places
}
