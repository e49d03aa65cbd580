import type { Box, Part, SubjectPlace } from '../../look/look'

/** A place in a frame, percent of its width and height. */
export type Snap = { box: Box; lineX: number | null; lineY: number | null }

const NEAR = 1.2

/** Draws a box to the frame's middle and edges when it comes near, and says along which line. */
export function snapped(box: Box): Snap {
  const x = nearest([box.x, box.x + box.width / 2, box.x + box.width])
  const y = nearest([box.y, box.y + box.height / 2, box.y + box.height])
  return {
    box: { ...box, x: box.x + x.by, y: box.y + y.by },
    lineX: x.line,
    lineY: y.line,
  }
}

function nearest(places: [number, number, number] | number[]): { by: number; line: number | null } {
  const [low = 0, middle = 0, high = 0] = places
  const candidates = [
    { by: 50 - middle, line: 50 },
    { by: -low, line: 0 },
    { by: 100 - high, line: 100 },
  ]
  const best = candidates.find((c) => Math.abs(c.by) < NEAR)
  return best ?? { by: 0, line: null }
}

/** A box drawn at its lower right corner. */
export function resized(box: Box, dx: number, dy: number): Box {
  return {
    ...box,
    width: Math.max(2, Math.min(200, box.width + dx)),
    height: Math.max(1, Math.min(200, box.height + dy)),
  }
}

export type Size = { width: number; height: number }

/**
 * The subject's place moved on the screen.
 *
 * @param dx to the right, percent of the frame's width; its own measures are of the shorter side
 */
export function movedSubject(
  place: SubjectPlace,
  dx: number,
  dy: number,
  frame: Size,
): SubjectPlace {
  const short = Math.min(frame.width, frame.height)
  const x = place.x + (dx * frame.width) / short
  const y = place.y + (dy * frame.height) / short
  return { ...place, x: within(x, -100, 100), y: within(y, -100, 100) }
}

/**
 * The subject's place with the subject larger or smaller.
 *
 * @param box where it stands now, percent of the frame
 */
export function sizedSubject(
  place: SubjectPlace,
  factor: number,
  box: Box,
  frame: Size,
): SubjectPlace {
  const sized = (percent: number, low: number, high: number) => ({
    ...place,
    percent: within(percent, low, high),
  })
  if (place.size === 'area') return sized(place.percent * factor * factor, 1, 400)
  if (place.size !== 'margin') return sized(place.percent * factor, 1, 400)
  const short = Math.min(frame.width, frame.height)
  const wide = (box.width / 100) * frame.width
  const high = (box.height / 100) * frame.height
  const acrossIsTight = wide / frame.width >= high / frame.height
  const grown = acrossIsTight ? (wide * (factor - 1)) / 2 : (high * (factor - 1)) / halves(place)
  return sized(place.percent - (100 * grown) / short, 0, 45)
}

/** What stands on the floor grows upwards alone. */
const halves = (place: SubjectPlace) => (place.stand === 'floor' ? 1 : 2)

function within(value: number, low: number, high: number): number {
  return Math.round(10 * Math.max(low, Math.min(high, value))) / 10
}

/** The part that lies uppermost under a point of the frame, percent of its width and height. */
export function partAt(parts: Part[], subject: Box | null, x: number, y: number): Part | undefined {
  const holds = (box: Box) =>
    x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height
  return [...parts]
    .reverse()
    .filter((part) => part.on)
    .find(({ setting }) => {
      if ('box' in setting) return holds(setting.box)
      if (setting.kind === 'subject') return subject !== null && holds(subject)
      return setting.kind === 'backdrop'
    })
}
