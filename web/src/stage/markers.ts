import type { Finding } from '../api/types'
import type { Box, Size } from './box'
import { isSerious } from './serious'

/** More would hide the picture that they are about. */
export const DRAWN = 6

const LABEL_HEIGHT = 19
const LETTER_PX = 8
const PADDING_PX = 11
/** Between a label and what it belongs to, and between labels. */
const GAP_PX = 3
const MARGIN_PX = 4
const NEAR_PX = 6
const STEP_PX = 22
const MOST_STEPS = 24

interface Point {
  x: number
  y: number
}

/** A finding on the screen: its place, its number, and the line between the two where they are apart. */
export interface Marker {
  index: number
  box: Box
  label: Box
  leader: [Point, Point] | null
}

/**
 * Which findings are drawn: the worst, or all that count; the chosen one in any case, and first.
 *
 * @param findings the worst first
 */
export function drawnOf(findings: Finding[], chosen: number | null, all: boolean): number[] {
  const serious = findings.flatMap((f, index) => (isSerious(f) ? [index] : []))
  const drawn = all ? serious : serious.slice(0, DRAWN)
  if (chosen === null || !findings[chosen]) return drawn
  return [chosen, ...drawn.filter((index) => index !== chosen)]
}

/**
 * Finds a place for every number: beside its box, on the stage, and on no other number. Earlier ones
 * have the choice.
 *
 * @param boxes where the findings are on the screen
 */
export function placed(boxes: { index: number; box: Box }[], stage: Size): Marker[] {
  const labels: Box[] = []
  return boxes.map(({ index, box }) => {
    const width = PADDING_PX + LETTER_PX * String(index + 1).length
    const anchor = onStage(box, stage)
    const isFree = (label: Box) =>
      isInside(label, stage) && labels.every((other) => isApart(label, other))
    const label =
      candidates(anchor, width).find(isFree) ?? nearestFree(anchor, width, stage, isFree) ?? anchor
    labels.push(label)
    return { index, box, label, leader: leader(label, anchor) }
  })
}

/** The part of a box that can be seen, or the nearest point of the stage's rim. */
function onStage(box: Box, stage: Size): Box {
  const left = clamp(box.x, MARGIN_PX, stage.width - MARGIN_PX)
  const top = clamp(box.y, MARGIN_PX, stage.height - MARGIN_PX)
  const right = clamp(box.x + box.width, MARGIN_PX, stage.width - MARGIN_PX)
  const bottom = clamp(box.y + box.height, MARGIN_PX, stage.height - MARGIN_PX)
  return { x: left, y: top, width: right - left, height: bottom - top }
}

/** Places for a label: at the corners of its box, then in widening rings around it. */
function candidates(box: Box, width: number): Box[] {
  const at = (x: number, y: number): Box => ({ x, y, width, height: LABEL_HEIGHT })
  const right = box.x + box.width
  const bottom = box.y + box.height
  const above = box.y - GAP_PX - LABEL_HEIGHT
  const all = [
    at(box.x - 2, above),
    at(right - width + 2, above),
    at(box.x - 2, bottom + GAP_PX),
    at(right - width + 2, bottom + GAP_PX),
    at(box.x - GAP_PX - width, box.y),
    at(right + GAP_PX, box.y),
  ]
  for (let step = 1; step <= MOST_STEPS; step++) {
    const far = step * STEP_PX
    const columns = [box.x - far - width, box.x, (box.x + right - width) / 2, right + far]
    const rows = [above - far, box.y, (box.y + bottom - LABEL_HEIGHT) / 2, bottom + far]
    for (const x of columns) all.push(at(x, above - far), at(x, bottom + far))
    for (const y of rows) all.push(at(box.x - far - width, y), at(right + far, y))
  }
  return all
}

/** In a crowd: the whole stage in rows and columns, the nearest first. */
function nearestFree(box: Box, width: number, stage: Size, isFree: (label: Box) => boolean) {
  const free: Box[] = []
  for (let y = MARGIN_PX; y < stage.height; y += LABEL_HEIGHT + GAP_PX) {
    for (let x = MARGIN_PX; x < stage.width; x += width + GAP_PX) {
      const label = { x, y, width, height: LABEL_HEIGHT }
      if (isFree(label)) free.push(label)
    }
  }
  const far = (label: Box) => Math.hypot(label.x - box.x, label.y - box.y)
  return free.sort((a, b) => far(a) - far(b))[0]
}

function isInside(label: Box, stage: Size): boolean {
  return (
    label.x >= MARGIN_PX &&
    label.y >= MARGIN_PX &&
    label.x + label.width <= stage.width - MARGIN_PX &&
    label.y + label.height <= stage.height - MARGIN_PX
  )
}

function isApart(a: Box, b: Box): boolean {
  return (
    a.x + a.width + GAP_PX <= b.x ||
    b.x + b.width + GAP_PX <= a.x ||
    a.y + a.height + GAP_PX <= b.y ||
    b.y + b.height + GAP_PX <= a.y
  )
}

/** From the nearest point of a label to the nearest of its box; null = they touch. */
function leader(label: Box, box: Box): [Point, Point] | null {
  const from = nearest(label, { x: box.x + box.width / 2, y: box.y + box.height / 2 })
  const to = nearest(box, from)
  return Math.hypot(from.x - to.x, from.y - to.y) > NEAR_PX ? [from, to] : null
}

function nearest(box: Box, point: Point): Point {
  return {
    x: clamp(point.x, box.x, box.x + box.width),
    y: clamp(point.y, box.y, box.y + box.height),
  }
}

function clamp(value: number, least: number, most: number): number {
  return Math.max(least, Math.min(Math.max(least, most), value))
}
