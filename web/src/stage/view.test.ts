import { beforeAll, describe, expect, it, vi } from 'vitest'
import { View } from './view'

beforeAll(() => vi.stubGlobal('window', { devicePixelRatio: 1 }))

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
