import { readFileSync } from 'node:fs'
import { crc32 } from 'node:zlib'
import { beforeAll, describe, expect, it, vi } from 'vitest'
import type { Stroke } from '../../api/types'
import { Mending } from './Mending'

vi.mock('./Pyramid', () => ({
  Pyramid: class {
    put() {}
  },
}))

const SIZE = { width: 160, height: 120 }
const STROKES = new URL('../../../../core/src/test/resources/strokes.txt', import.meta.url)

/** The same number stands in core's SharedStrokesTest. */
const MATTE_CRC = '61591c83'

beforeAll(() => {
  vi.stubGlobal(
    'ImageData',
    class {
      data: Uint8ClampedArray
      constructor(width: number, height: number) {
        this.data = new Uint8ClampedArray(width * height * 4)
      }
    },
  )
})

function mending(coverage: number): Mending {
  const n = SIZE.width * SIZE.height
  const grey = new Uint8ClampedArray(n * 4).fill(128)
  return new Mending(SIZE, grey, grey, new Uint8Array(n).fill(coverage))
}

function matte(m: Mending): Uint8Array {
  const out = new Uint8Array(SIZE.width * SIZE.height)
  for (let i = 0; i < out.length; i++) {
    out[i] = m.coverageAt(i % SIZE.width, Math.floor(i / SIZE.width))
  }
  return out
}

function sharedStrokes(): Stroke[] {
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

const dot = (mode: string, x: number, y: number): Stroke => ({
  mode,
  sizePx: 20,
  softness: 0.5,
  strength: 1,
  points: [x, y],
})

describe('mending a cutout', () => {
  it('comes to the very bytes that the server renders', () => {
    const m = mending(140)
    sharedStrokes().forEach((stroke, i) => m.replay(String(i), stroke))
    expect(crc32(matte(m)).toString(16).padStart(8, '0')).toBe(MATTE_CRC)
  })

  it('takes strokes back one by one to where they began', () => {
    const m = mending(200)
    const before = matte(m)
    const strokes = sharedStrokes()
    strokes.forEach((stroke, i) => m.replay(String(i), stroke))
    for (let i = strokes.length - 1; i >= 0; i--) m.undo(String(i))
    expect(matte(m)).toEqual(before)
  })

  it('rebuilds to the same as painting', () => {
    const painted = mending(90)
    const rebuilt = mending(90)
    const strokes = sharedStrokes().map((stroke, i) => ({ key: String(i), stroke }))
    strokes.forEach(({ key, stroke }) => painted.replay(key, stroke))
    rebuilt.rebuild(strokes)
    expect(matte(rebuilt)).toEqual(matte(painted))
  })

  it('paints while the pointer moves as it does in one go', () => {
    const live = mending(255)
    const { points, ...settings } = { ...dot('erase', 20, 20), points: [20, 20, 60, 40, 30, 90] }
    live.begin(settings, 20, 20)
    live.extend(60, 40)
    live.extend(30, 90)
    live.end('a')
    const whole = mending(255)
    whole.replay('a', { ...settings, points })
    expect(matte(live)).toEqual(matte(whole))
  })

  it('forgets nothing outside the picture', () => {
    const m = mending(255)
    m.replay('a', dot('erase', -500, 900))
    expect(new Set(matte(m))).toEqual(new Set([255]))
  })
})
