import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { View } from './view'

beforeAll(() => vi.stubGlobal('window', { devicePixelRatio: 1 }))
afterAll(() => void vi.unstubAllGlobals())

function view(): View {
  const v = new View()
  v.setViewport({ width: 800, height: 600 })
  v.setPicture({ width: 1600, height: 1200 })
  return v
}

describe('the view on a picture', () => {
  it('shows the whole picture first, in the middle', () => {
    const v = view()
    const corner = v.toPicture(0, 0)
    const opposite = v.toPicture(800, 600)
    expect(corner.x).toBeLessThan(0)
    expect(opposite.x).toBeGreaterThan(1600)
    expect(v.toPicture(400, 300)).toEqual({ x: 800, y: 600 })
  })

  it('zooms around the pointer', () => {
    const v = view()
    const before = v.toPicture(123, 45)
    v.zoomTo(v.scale * 5, 123, 45)
    expect(v.toPicture(123, 45).x).toBeCloseTo(before.x)
    expect(v.toPicture(123, 45).y).toBeCloseTo(before.y)
  })

  it('follows the window until somebody moves it', () => {
    const v = view()
    v.setViewport({ width: 400, height: 300 })
    expect(v.toPicture(200, 150)).toEqual({ x: 800, y: 600 })
    v.pan(10, 0)
    v.setViewport({ width: 800, height: 600 })
    expect(v.toPicture(210, 150).x).toBeCloseTo(800)
  })

  it('never zooms beyond its limits', () => {
    const v = view()
    v.zoomTo(9999, 0, 0)
    expect(v.scale).toBe(32)
    v.zoomTo(0, 0, 0)
    expect(v.scale).toBeGreaterThan(0)
  })
})

it('a part is brought close, in the middle, with its surroundings', () => {
  const view = new View()
  view.setPicture({ width: 4000, height: 3000 })
  view.setViewport({ width: 800, height: 600 })
  view.showPart({ x: 1000, y: 2000, width: 100, height: 50 })
  expect(view.toPicture(400, 300).x).toBeCloseTo(1050)
  expect(view.toPicture(400, 300).y).toBeCloseTo(2025)
  expect(100 * view.scale).toBeCloseTo(270)
  view.showPart({ x: 0, y: 0, width: 4000, height: 3000 })
  expect(view.scale).toBeCloseTo(view.fitScale)
})
