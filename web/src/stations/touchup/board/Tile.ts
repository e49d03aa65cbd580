import { union, type Box } from '../../../stage/box'
import { addSegment, towards, type BrushShape } from './strokeMask'

/** What a tile showed before something was done to it. */
export interface TileBefore {
  box: Box
  pixels: Uint8ClampedArray
}

type Layer = { canvas: HTMLCanvasElement; context: CanvasRenderingContext2D }

function layer(width: number, height: number): Layer {
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const context = canvas.getContext('2d')
  if (!context) throw new Error('This browser gives no canvas')
  return { canvas, context }
}

/**
 * A square of the picture at one level: the photograph, and the cutout as colours with coverage, not
 * premultiplied. Plain strokes are painted here with the server's arithmetic.
 */
export class Tile {
  private readonly photograph: Layer
  private readonly cutout: Layer
  private strength: Uint8Array | null = null
  private before: Uint8ClampedArray | null = null
  private touched: Box | null = null

  /**
   * @param box in pixels of the level
   * @param photo RGBA, opaque
   * @param pixels RGBA, not premultiplied
   * @param state the server's state that the pixels show
   */
  constructor(
    readonly box: Box,
    private readonly photo: Uint8ClampedArray<ArrayBuffer>,
    private pixels: Uint8ClampedArray<ArrayBuffer>,
    public state: string,
  ) {
    this.photograph = layer(box.width, box.height)
    this.cutout = layer(box.width, box.height)
    this.photograph.context.putImageData(new ImageData(photo, box.width, box.height), 0, 0)
    this.show(box)
  }

  get photographCanvas(): HTMLCanvasElement {
    return this.photograph.canvas
  }

  get cutoutCanvas(): HTMLCanvasElement {
    return this.cutout.canvas
  }

  /** Coverage 0..255 at a pixel of the level. */
  coverageAt(x: number, y: number): number {
    const i = (Math.floor(y) - this.box.y) * this.box.width + Math.floor(x) - this.box.x
    return this.pixels[i * 4 + 3] ?? 0
  }

  /**
   * One more piece of the stroke that is being drawn.
   *
   * @returns what has changed, in pixels of the level; null = nothing here
   */
  paint(
    mode: string,
    brush: BrushShape,
    ax: number,
    ay: number,
    bx: number,
    by: number,
  ): Box | null {
    const reach = brush.sizePx / 2 + 1
    const outside =
      Math.max(ax, bx) + reach < this.box.x ||
      Math.min(ax, bx) - reach > this.box.x + this.box.width ||
      Math.max(ay, by) + reach < this.box.y ||
      Math.min(ay, by) - reach > this.box.y + this.box.height
    if (outside) return null
    this.strength ??= new Uint8Array(this.box.width * this.box.height)
    this.before ??= this.pixels.slice()
    const mix = mode === 'erase' ? this.erasing(this.before) : this.restoring(this.before)
    const box = addSegment(this.strength, this.box, brush, ax, ay, bx, by, mix)
    if (box.width === 0) return null
    this.touched = this.touched ? union(this.touched, box) : box
    this.show(box)
    return box
  }

  private erasing(before: Uint8ClampedArray) {
    const { pixels } = this
    return (i: number, s: number) => {
      pixels[i * 4 + 3] = towards(before[i * 4 + 3] ?? 0, 0, s)
    }
  }

  private restoring(before: Uint8ClampedArray) {
    const { pixels, photo } = this
    return (i: number, s: number) => {
      const p = i * 4
      pixels[p] = towards(before[p] ?? 0, photo[p] ?? 0, s)
      pixels[p + 1] = towards(before[p + 1] ?? 0, photo[p + 1] ?? 0, s)
      pixels[p + 2] = towards(before[p + 2] ?? 0, photo[p + 2] ?? 0, s)
      pixels[p + 3] = towards(before[p + 3] ?? 0, 255, s)
    }
  }

  /** Ends the stroke; answers what was there before it, or null when it did nothing here. */
  settle(): TileBefore | null {
    const { touched, before } = this
    this.strength = null
    this.before = null
    this.touched = null
    return touched && before ? { box: touched, pixels: cut(before, this.box, touched) } : null
  }

  /** Puts a part back as it was. */
  put({ box, pixels }: TileBefore) {
    const { width } = this.box
    for (let y = 0; y < box.height; y++) {
      const row = pixels.subarray(y * box.width * 4, (y + 1) * box.width * 4)
      this.pixels.set(row, ((box.y - this.box.y + y) * width + box.x - this.box.x) * 4)
    }
    this.show(box)
  }

  /** Takes over what the server has; answers what was here before. */
  take(pixels: Uint8ClampedArray<ArrayBuffer>, state: string): TileBefore {
    const before = { box: this.box, pixels: this.pixels }
    this.settle()
    this.pixels = pixels
    this.state = state
    this.show(this.box)
    return before
  }

  private show(box: Box) {
    const { width, height } = this.box
    this.cutout.context.putImageData(
      new ImageData(this.pixels, width, height),
      0,
      0,
      box.x - this.box.x,
      box.y - this.box.y,
      box.width,
      box.height,
    )
  }
}

function cut(from: Uint8ClampedArray, tile: Box, part: Box): Uint8ClampedArray {
  const out = new Uint8ClampedArray(part.width * part.height * 4)
  for (let y = 0; y < part.height; y++) {
    const start = ((part.y - tile.y + y) * tile.width + part.x - tile.x) * 4
    out.set(from.subarray(start, start + part.width * 4), y * part.width * 4)
  }
  return out
}
