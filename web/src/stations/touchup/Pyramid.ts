import type { Box, Size } from '../../stage/box'

const SMALLEST_SIDE = 400

function canvasOf(width: number, height: number): [HTMLCanvasElement, CanvasRenderingContext2D] {
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const context = canvas.getContext('2d')
  if (!context) throw new Error('This browser gives no canvas')
  return [canvas, context]
}

/**
 * A picture at full size and at halves of it, so that a zoomed-out stage draws few pixels. A change
 * travels down through all levels, but only where it happened.
 */
export class Pyramid {
  private readonly levels: [HTMLCanvasElement, CanvasRenderingContext2D][] = []

  constructor(private readonly size: Size) {
    let { width, height } = size
    this.levels.push(canvasOf(width, height))
    while (Math.max(width, height) > 2 * SMALLEST_SIDE) {
      width = Math.ceil(width / 2)
      height = Math.ceil(height / 2)
      this.levels.push(canvasOf(width, height))
    }
  }

  put(pixels: ImageData, box: Box) {
    this.levels[0]?.[1].putImageData(pixels, box.x, box.y)
    this.travel(box)
  }

  draw(image: CanvasImageSource) {
    this.levels[0]?.[1].drawImage(image, 0, 0)
    this.travel({ x: 0, y: 0, ...this.size })
  }

  /** The pixels of the full size. */
  read(): Uint8ClampedArray {
    const level = this.levels[0]
    if (!level) return new Uint8ClampedArray()
    return level[1].getImageData(0, 0, this.size.width, this.size.height).data
  }

  private travel(changed: Box) {
    let { x, y } = changed
    let right = x + changed.width
    let bottom = y + changed.height
    for (let i = 1; i < this.levels.length; i++) {
      const from = this.levels[i - 1]?.[0]
      const level = this.levels[i]
      if (!from || !level) return
      x = Math.floor(x / 2)
      y = Math.floor(y / 2)
      right = Math.min(level[0].width, Math.ceil(right / 2))
      bottom = Math.min(level[0].height, Math.ceil(bottom / 2))
      const w = right - x
      const h = bottom - y
      level[1].clearRect(x, y, w, h)
      level[1].drawImage(from, x * 2, y * 2, w * 2, h * 2, x, y, w, h)
    }
  }

  /** The smallest level that still holds a pixel for every pixel of the screen. */
  levelFor(scale: number): HTMLCanvasElement | undefined {
    const level = Math.max(
      0,
      Math.min(
        this.levels.length - 1,
        Math.floor(Math.log2(1 / (scale * window.devicePixelRatio))),
      ),
    )
    return this.levels[level]?.[0]
  }
}
