/** Looks at one place that answer four questions: what was there, how much of it, what is left, what went. */
export const TILES = ['source', 'matte', 'kept', 'removed'] as const
export type Tile = (typeof TILES)[number]

export interface LoupeSource {
  original: ImageBitmap
  cutout: ImageBitmap
  /** Of the picture, in pixels; the bitmaps may be smaller. */
  width: number
  height: number
}

const PAPER = '#e6e2d8'
let scratch: HTMLCanvasElement | null = null

function scratchFor(context: CanvasRenderingContext2D): CanvasRenderingContext2D | null {
  scratch ??= document.createElement('canvas')
  scratch.width = context.canvas.width
  scratch.height = context.canvas.height
  return scratch.getContext('2d')
}

/** The part of a bitmap that fills the tile, drawn around a place of the picture. */
function place(
  context: CanvasRenderingContext2D,
  bitmap: ImageBitmap,
  source: LoupeSource,
  at: { x: number; y: number },
  scale: number,
) {
  const { width, height } = context.canvas
  context.imageSmoothingEnabled = scale < 4
  context.drawImage(
    bitmap,
    width / 2 - at.x * scale,
    height / 2 - at.y * scale,
    source.width * scale,
    source.height * scale,
  )
}

/**
 * @param scale canvas pixels per pixel of the picture
 * @param backdrop what the kept part stands on
 */
export function paintLoupe(
  context: CanvasRenderingContext2D,
  tile: Tile,
  source: LoupeSource,
  at: { x: number; y: number },
  scale: number,
  backdrop: string | CanvasPattern,
) {
  const { width, height } = context.canvas
  if (tile === 'source') {
    place(context, source.original, source, at, scale)
    return
  }
  const layer = scratchFor(context)
  if (!layer) return
  if (tile === 'matte') {
    place(layer, source.cutout, source, at, scale)
    layer.globalCompositeOperation = 'source-in'
    layer.fillStyle = '#fff'
    layer.fillRect(0, 0, width, height)
    context.fillStyle = '#000'
  } else if (tile === 'kept') {
    place(layer, source.cutout, source, at, scale)
    context.fillStyle = backdrop
  } else {
    place(layer, source.original, source, at, scale)
    layer.globalCompositeOperation = 'destination-out'
    place(layer, source.cutout, source, at, scale)
    context.fillStyle = PAPER
  }
  context.fillRect(0, 0, width, height)
  context.drawImage(layer.canvas, 0, 0)
}
