import { describe, expect, it } from 'vitest'
import type { Finding } from '../api/types'
import type { Box } from './box'
import { DRAWN, drawnOf, placed } from './markers'

const STAGE = { width: 640, height: 420 }

const finding = (severity: number): Finding => ({
  kind: 'hole',
  label: 'Hole in the subject',
  sentence: 'A hole',
  mend: null,
  right: false,
  severity,
  measured: 1,
  x: 0,
  y: 0,
  width: 10,
  height: 10,
})
const boxAt = (x: number, y: number, side = 20): Box => ({ x, y, width: side, height: side })
const labelled = (...boxes: Box[]) =>
  placed(
    boxes.map((box, index) => ({ index, box })),
    STAGE,
  )
const overlap = (a: Box, b: Box) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height

describe('the numbers of findings', () => {
  it('stand above their place, touching it', () => {
    const [marker] = labelled(boxAt(200, 200))
    expect(marker?.label.y).toBeLessThan(200)
    expect(marker?.leader).toBeNull()
  })

  it('never lie on each other nor outside of the stage, wherever the places are', () => {
    let seed = 7
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647
    for (let round = 0; round < 60; round++) {
      const boxes = Array.from({ length: 20 }, () =>
        boxAt(random() * 900 - 130, random() * 700 - 140, 4 + random() * 90),
      )
      const labels = labelled(...boxes).map((m) => m.label)
      labels.forEach((label, i) => {
        expect(label.x).toBeGreaterThanOrEqual(0)
        expect(label.y).toBeGreaterThanOrEqual(0)
        expect(label.x + label.width).toBeLessThanOrEqual(STAGE.width)
        expect(label.y + label.height).toBeLessThanOrEqual(STAGE.height)
        labels.slice(i + 1).forEach((other) => expect(overlap(label, other)).toBe(false))
      })
    }
  })

  it('that had to move have a line to their place', () => {
    const markers = labelled(...Array.from({ length: 9 }, () => boxAt(300, 200)))
    const moved = markers.filter((m) => m.leader !== null)
    expect(moved.length).toBeGreaterThan(2)
    for (const { leader } of moved) {
      const [, to] = leader ?? []
      expect(to?.x).toBeGreaterThanOrEqual(300)
      expect(to?.x).toBeLessThanOrEqual(320)
    }
  })

  it('of places beside the stage stand at its rim', () => {
    const [marker] = labelled(boxAt(5000, 200))
    expect(marker?.label.x).toBeGreaterThan(STAGE.width - 60)
  })
})

describe('which are drawn', () => {
  const many = Array.from({ length: 9 }, (_, i) => finding(0.9 - 0.05 * i)).concat(finding(0.1))

  it('the worst, or all that count', () => {
    expect(drawnOf(many, null, false)).toEqual([0, 1, 2, 3, 4, 5])
    expect(drawnOf(many, null, false)).toHaveLength(DRAWN)
    expect(drawnOf(many, null, true)).toHaveLength(9)
  })

  it('the chosen one in any case, and with the first choice of a place', () => {
    expect(drawnOf(many, 8, false)).toEqual([8, 0, 1, 2, 3, 4, 5])
    expect(drawnOf(many, 9, false)[0]).toBe(9)
    expect(drawnOf(many, 2, false)).toEqual([2, 0, 1, 3, 4, 5])
  })
})
