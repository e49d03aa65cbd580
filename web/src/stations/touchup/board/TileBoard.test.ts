import { beforeAll, describe, expect, it } from 'vitest'
import { View } from '../../../stage/view'
import { withCanvases } from '../../../testing/canvases'
import type { Pixels, TileSource } from './fetchTile'
import { boxOf, keyOf, levelSizes, type Place } from './grid'
import { TileBoard } from './TileBoard'

const PICTURE = { width: 1500, height: 900 }
const STAGE = { width: 1600, height: 1000 }
const ERASE = { mode: 'erase', sizePx: 40, softness: 0, strength: 1 }

beforeAll(withCanvases)

/** A server whose cutout is even, and says what was asked of it. */
function server() {
  const asked: string[] = []
  let state = 'a'
  let coverage = 255
  const pixels = (place: Place, cover: number): Pixels => {
    const { width, height } = boxOf(place, levelSizes(PICTURE))
    const out = new Uint8ClampedArray(width * height * 4)
    for (let i = 3; i < out.length; i += 4) out[i] = cover
    return out
  }
  const source: TileSource = {
    photograph: (place) => Promise.resolve(pixels(place, 255)),
    cutout: (place, wanted) => {
      asked.push(`${keyOf(place)} ${wanted}`)
      return Promise.resolve({ pixels: pixels(place, coverage), state })
    },
  }
  return {
    source,
    asked,
    become: (next: string, cover: number) => {
      state = next
      coverage = cover
    },
  }
}

const settled = () => new Promise((done) => setTimeout(done, 5))

async function shown(s: ReturnType<typeof server>) {
  const board = new TileBoard(PICTURE, s.source, 'a', () => undefined)
  const view = new View()
  view.setPicture(PICTURE)
  view.setViewport(STAGE)
  view.zoomTo(1, 0, 0)
  view.x = 0
  view.y = 0
  board.show(view, STAGE)
  await settled()
  await settled()
  return { board, view }
}

const cover = (board: TileBoard, x: number, y: number) =>
  board.tile({ level: 0, column: Math.floor(x / 512), row: Math.floor(y / 512) })?.coverageAt(x, y)

describe('the board of tiles', () => {
  it('fetches what is seen, once', async () => {
    const s = server()
    const { board, view } = await shown(s)
    board.show(view, STAGE)
    await settled()

    expect(board.complete).toBe(true)
    expect(new Set(s.asked).size).toBe(s.asked.length)
    expect(s.asked).toHaveLength(3 * 2 + 1)
  })

  it('paints across tiles at once, and takes it back at once', async () => {
    const { board } = await shown(server())
    board.begin(ERASE, 500, 300, 1)
    board.extend(530, 300)
    board.end('one')
    expect(cover(board, 500, 300)).toBe(0)
    expect(cover(board, 525, 300)).toBe(0)

    board.takeBack('one')
    expect(cover(board, 500, 300)).toBe(255)
    expect(cover(board, 525, 300)).toBe(255)
  })

  it('fetches anew only what has changed', async () => {
    const s = server()
    const { board } = await shown(s)
    s.asked.length = 0
    s.become('b', 100)
    board.changed({ x: 20, y: 20, width: 60, height: 60 }, 'b', 'edit')
    await settled()

    expect(s.asked.sort()).toEqual(['0/0/0 b', '2/0/0 b'])
    expect(cover(board, 40, 40)).toBe(100)
    expect(cover(board, 700, 40)).toBe(255)
    board.takeBack('edit')
    expect(cover(board, 40, 40)).toBe(255)
  })

  it('keeps strokes that the server does not have yet on top of what comes from it', async () => {
    const s = server()
    const { board } = await shown(s)
    board.begin(ERASE, 200, 200, 1)
    board.end('not-sent')
    s.become('b', 90)
    board.changed({ x: 0, y: 0, width: 400, height: 400 }, 'b', 'other')
    await settled()

    expect(cover(board, 200, 200)).toBe(0)
    expect(cover(board, 300, 300)).toBe(90)
  })

  it('says that it is behind when somebody else has made an edit', async () => {
    const s = server()
    let behind = 0
    const board = new TileBoard(
      PICTURE,
      s.source,
      'a',
      () => undefined,
      () => behind++,
    )
    s.become('of somebody else', 70)
    const view = new View()
    view.setPicture(PICTURE)
    view.setViewport({ width: 400, height: 300 })
    board.show(view, { width: 400, height: 300 })
    await settled()

    expect(behind).toBeGreaterThan(0)
    expect(board.complete).toBe(false)
    expect(s.asked.length).toBeLessThan(4)
  })

  it('asks again when what came is of another state', async () => {
    const s = server()
    const { board } = await shown(s)
    s.asked.length = 0
    s.become('c', 60)
    board.changed({ x: 0, y: 0, width: 50, height: 50 }, 'b', 'first')
    board.changed({ x: 0, y: 0, width: 50, height: 50 }, 'c', 'second')
    await settled()
    await settled()

    expect(cover(board, 20, 20)).toBe(60)
    expect(board.complete).toBe(true)
  })
})
