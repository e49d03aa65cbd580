import { readFileSync } from 'node:fs'
import { crc32 } from 'node:zlib'
import { beforeAll, describe, expect, it } from 'vitest'
import { withCanvases } from '../../../testing/canvases'
import { Tile } from './Tile'
import { replay } from './TileBoard'

const SIZE = { width: 160, height: 120 }
const STROKES = new URL('../../../../../core/src/test/resources/strokes.txt', import.meta.url)

/** The same number stands in core's SharedStrokesTest. */
const MATTE_CRC = '61591c83'

beforeAll(withCanvases)

/** A tile whose photograph and cutout are grey, with even coverage. */
function tile(coverage: number, x = 0, y = 0, width = SIZE.width, height = SIZE.height): Tile {
  const photo = new Uint8ClampedArray(width * height * 4).fill(128)
  const pixels = new Uint8ClampedArray(width * height * 4).fill(128)
  for (let i = 0; i < width * height; i++) {
    photo[4 * i + 3] = 255
    pixels[4 * i] = 40
    pixels[4 * i + 3] = coverage
  }
  return new Tile({ x, y, width, height }, photo, pixels, 's')
}

function matte(t: Tile): Uint8Array {
  const { x, y, width, height } = t.box
  const out = new Uint8Array(width * height)
  for (let i = 0; i < out.length; i++) {
    out[i] = t.coverageAt(x + (i % width), y + Math.floor(i / width))
  }
  return out
}

function sharedStrokes() {
  return readFileSync(STROKES, 'utf8')
    .trim()
    .split('\n')
    .map((line) => {
      const [mode = '', size, softness, strength, ...points] = line.split(' ')
      return {
        mode,
        sizePx: Number(size),
        softness: Number(softness),
        strength: Number(strength),
        points: points.map(Number),
      }
    })
}

const dot = (mode: string, x: number, y: number) => ({
  mode,
  sizePx: 20,
  softness: 0.5,
  strength: 1,
  points: [x, y],
})

describe('a tile under the brush', () => {
  it('comes to the very bytes that the server renders', () => {
    const t = tile(140)
    for (const stroke of sharedStrokes()) replay(t, 0, stroke)
    expect(crc32(matte(t)).toString(16).padStart(8, '0')).toBe(MATTE_CRC)
  })

  it('comes to the same bytes wherever tiles are cut', () => {
    const whole = tile(140)
    const parts = [tile(140, 0, 0, 70, 120), tile(140, 70, 0, 90, 50), tile(140, 70, 50, 90, 70)]
    for (const stroke of sharedStrokes()) {
      for (const one of [whole, ...parts]) replay(one, 0, stroke)
    }
    for (const part of parts) {
      const { x, y, width, height } = part.box
      for (let v = y; v < y + height; v += 3) {
        for (let u = x; u < x + width; u += 3) {
          expect(part.coverageAt(u, v)).toBe(whole.coverageAt(u, v))
        }
      }
    }
  })

  it('shows a stroke at half size as half of what it is at full size', () => {
    const full = tile(255)
    const half = tile(255, 0, 0, 80, 60)
    const stroke = { ...dot('erase', 60, 50), sizePx: 60, softness: 0.8, points: [40, 50, 90, 60] }
    replay(full, 0, stroke)
    replay(half, 1, stroke)
    for (let y = 0; y < 60; y++) {
      for (let x = 0; x < 80; x++) {
        const four = [0, 1].flatMap((dy) =>
          [0, 1].map((dx) => full.coverageAt(2 * x + dx, 2 * y + dy)),
        )
        const mean = four.reduce((a, b) => a + b) / 4
        expect(Math.abs(half.coverageAt(x, y) - mean)).toBeLessThan(7)
      }
    }
  })

  it('goes back to what was there before a stroke', () => {
    const t = tile(200)
    const before = matte(t)
    t.paint('erase', { sizePx: 30, softness: 0.3, strength: 1 }, 50, 50, 90, 60)
    const under = t.settle()
    expect(matte(t)).not.toEqual(before)
    if (under) t.put(under)
    expect(matte(t)).toEqual(before)
  })

  it('paints while the pointer moves as it does in one go', () => {
    const live = tile(255)
    const brush = { sizePx: 20, softness: 0.5, strength: 1 }
    live.paint('erase', brush, 20, 20, 20, 20)
    live.paint('erase', brush, 20, 20, 60, 40)
    live.paint('erase', brush, 60, 40, 30, 90)
    live.settle()
    const whole = tile(255)
    replay(whole, 0, { ...dot('erase', 0, 0), points: [20, 20, 60, 40, 30, 90] })
    expect(matte(live)).toEqual(matte(whole))
  })

  it('does nothing for a stroke elsewhere', () => {
    const t = tile(255)
    expect(
      t.paint('erase', { sizePx: 20, softness: 0, strength: 1 }, -500, 900, -500, 900),
    ).toBeNull()
    expect(new Set(matte(t))).toEqual(new Set([255]))
  })
})
