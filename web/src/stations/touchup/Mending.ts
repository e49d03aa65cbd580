import type { Stroke } from '../../api/types'
import { union, type Box, type Size } from '../../stage/box'
import { Pyramid } from './Pyramid'
import { addSegment, towards } from './strokeMask'

interface Snapshot {
  box: Box
  alpha: Uint8Array
  fromOriginal: Uint8Array
}

/**
 * The cutout under the retoucher's hands: the automatic one, changed by strokes, pixel for pixel what
 * the server will make of them. Every stroke keeps what it covered, so that undo is instant.
 */
export class Mending {
  readonly pyramid: Pyramid
  private readonly alpha: Uint8Array
  private readonly fromOriginal: Uint8Array
  private readonly strength: Uint8Array
  private readonly alphaBefore: Uint8Array
  private readonly fromOriginalBefore: Uint8Array
  private readonly snapshots = new Map<string, Snapshot>()
  private live: { stroke: Omit<Stroke, 'points'>; x: number; y: number; box: Box } | null = null

  /**
   * @param original RGBA of the photograph
   * @param colours RGBA of the automatic cutout's clean colours, opaque
   * @param baseAlpha the automatic matte
   */
  constructor(
    readonly size: Size,
    private readonly original: Uint8ClampedArray,
    private readonly colours: Uint8ClampedArray,
    private readonly baseAlpha: Uint8Array,
  ) {
    this.alpha = baseAlpha.slice()
    this.fromOriginal = new Uint8Array(baseAlpha.length)
    this.strength = new Uint8Array(baseAlpha.length)
    this.alphaBefore = baseAlpha.slice()
    this.fromOriginalBefore = new Uint8Array(baseAlpha.length)
    this.pyramid = new Pyramid(size)
    this.show(this.whole)
  }

  private get whole(): Box {
    return { x: 0, y: 0, ...this.size }
  }

  coverageAt(x: number, y: number): number {
    return this.alpha[Math.floor(y) * this.size.width + Math.floor(x)] ?? 0
  }

  begin(stroke: Omit<Stroke, 'points'>, x: number, y: number): Box {
    const box = addSegment(this.strength, this.size, stroke, x, y, x, y)
    this.live = { stroke, x, y, box }
    this.paint(box, stroke.mode)
    return box
  }

  extend(x: number, y: number): Box | null {
    if (!this.live) return null
    const { stroke } = this.live
    const box = addSegment(this.strength, this.size, stroke, this.live.x, this.live.y, x, y)
    this.live = { stroke, x, y, box: union(this.live.box, box) }
    this.paint(box, stroke.mode)
    return box
  }

  /** Ends the stroke and remembers what was under it, by the stroke's key. */
  end(key: string) {
    if (!this.live) return
    const { box } = this.live
    this.snapshots.set(key, {
      box,
      alpha: cut(this.alphaBefore, box, this.size.width),
      fromOriginal: cut(this.fromOriginalBefore, box, this.size.width),
    })
    this.settle(box)
    this.live = null
  }

  /** Takes the newest stroke back; false when what was under it is not remembered. */
  undo(key: string): Box | null {
    const under = this.snapshots.get(key)
    if (!under) return null
    this.snapshots.delete(key)
    paste(this.alpha, under.alpha, under.box, this.size.width)
    paste(this.fromOriginal, under.fromOriginal, under.box, this.size.width)
    this.settle(under.box)
    this.show(under.box)
    return under.box
  }

  /** One whole stroke, as when a list of edits is replayed. */
  replay(key: string, stroke: Stroke): Box {
    const [x = 0, y = 0] = stroke.points
    let box = this.begin(stroke, x, y)
    for (let i = 2; i + 1 < stroke.points.length; i += 2) {
      const part = this.extend(stroke.points[i] ?? 0, stroke.points[i + 1] ?? 0)
      if (part) box = union(box, part)
    }
    this.end(key)
    return box
  }

  /** Starts again from the automatic cutout and carries these strokes out. */
  rebuild(strokes: { key: string; stroke: Stroke }[]) {
    this.alpha.set(this.baseAlpha)
    this.fromOriginal.fill(0)
    this.snapshots.clear()
    this.settle(this.whole)
    for (const { key, stroke } of strokes) this.replay(key, stroke)
    this.show(this.whole)
  }

  private settle(box: Box) {
    const { width } = this.size
    for (let y = box.y; y < box.y + box.height; y++) {
      const from = y * width + box.x
      const to = from + box.width
      this.alphaBefore.set(this.alpha.subarray(from, to), from)
      this.fromOriginalBefore.set(this.fromOriginal.subarray(from, to), from)
      this.strength.fill(0, from, to)
    }
  }

  private paint(box: Box, mode: string) {
    const { width } = this.size
    const erase = mode === 'erase'
    for (let y = box.y; y < box.y + box.height; y++) {
      for (let i = y * width + box.x; i < y * width + box.x + box.width; i++) {
        const s = this.strength[i] ?? 0
        if (s === 0) continue
        this.alpha[i] = towards(this.alphaBefore[i] ?? 0, erase ? 0 : 255, s)
        if (!erase) this.fromOriginal[i] = towards(this.fromOriginalBefore[i] ?? 0, 255, s)
      }
    }
    this.show(box)
  }

  /** Writes a part of the cutout into the pyramid that the stage draws from. */
  private show(box: Box) {
    if (box.width <= 0 || box.height <= 0) return
    const { width } = this.size
    const pixels = new ImageData(box.width, box.height)
    const out = pixels.data
    let o = 0
    for (let y = box.y; y < box.y + box.height; y++) {
      for (let i = y * width + box.x; i < y * width + box.x + box.width; i++, o += 4) {
        const share = this.fromOriginal[i] ?? 0
        const p = i * 4
        for (let c = 0; c < 3; c++) {
          const from = this.colours[p + c] ?? 0
          out[o + c] = share === 0 ? from : towards(from, this.original[p + c] ?? 0, share)
        }
        out[o + 3] = this.alpha[i] ?? 0
      }
    }
    this.pyramid.put(pixels, box)
  }
}

function cut(from: Uint8Array, box: Box, width: number): Uint8Array {
  const out = new Uint8Array(box.width * box.height)
  for (let y = 0; y < box.height; y++) {
    const start = (box.y + y) * width + box.x
    out.set(from.subarray(start, start + box.width), y * box.width)
  }
  return out
}

function paste(to: Uint8Array, part: Uint8Array, box: Box, width: number) {
  for (let y = 0; y < box.height; y++) {
    to.set(part.subarray(y * box.width, (y + 1) * box.width), (box.y + y) * width + box.x)
  }
}
