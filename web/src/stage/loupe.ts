/** Looks at one place that answer four questions: what was there, how much of it, what is left, what went. */
export const TILES = ['source', 'matte', 'kept', 'removed'] as const
export type Tile = (typeof TILES)[number]

export type LoupeLayer = 'original' | 'cutout'

/** A picture that can be drawn around a place of it. */
export interface LoupeSource {
  /**
   * @param at what comes to the middle of the canvas, in pixels of the picture
   * @param scale canvas pixels per pixel of the picture
   */
  draw: (
    context: CanvasRenderingContext2D,
    layer: LoupeLayer,
    at: { x: number; y: number },
    scale: number,
  ) => void
}

/** Two bitmaps of one picture, which may be smaller than it is. */
export function bitmapSource(
  bitmaps: Record<LoupeLayer, ImageBitmap>,
  picture: { width: number; height: number },
): LoupeSource {
  return {
    draw(context, layer, at, scale) {
      const { width, height } = context.canvas
      context.imageSmoothingEnabled = scale < 4
      context.drawImage(
        bitmaps[layer],
        width / 2 - at.x * scale,
        height / 2 - at.y * scale,
        picture.width * scale,
        picture.height * scale,
      )
    },
  }
}

const PAPER = '#e6e2d8'
let scratch: HTMLCanvasElement | null = null

function scratchFor(context: CanvasRenderingContext2D): CanvasRenderingContext2D | null {
  scratch ??= document.createElement('canvas')
  scratch.width = context.canvas.width
  scratch.height = context.canvas.height
  return scratch.getContext('2d')
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
    source.draw(context, 'original', at, scale)
    return
  }
  const layer = scratchFor(context)
  if (!layer) return
  if (tile === 'matte') {
    source.draw(layer, 'cutout', at, scale)
    layer.globalCompositeOperation = 'source-in'
    layer.fillStyle = '#fff'
    layer.fillRect(0, 0, width, height)
    context.fillStyle = '#000'
  } else if (tile === 'kept') {
    source.draw(layer, 'cutout', at, scale)
    context.fillStyle = backdrop
  } else {
    source.draw(layer, 'original', at, scale)
    layer.globalCompositeOperation = 'destination-out'
    source.draw(layer, 'cutout', at, scale)
    context.fillStyle = PAPER
  }
  context.fillRect(0, 0, width, height)
  context.drawImage(layer.canvas, 0, 0)
}
