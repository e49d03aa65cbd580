import type { CurvePoint } from '../../look/look'

const PLACES = [0, 25, 50, 75, 100]

/** The curve as it is drawn: one's own points, or five that change nothing. */
export function curvePoints(curve: CurvePoint[]): CurvePoint[] {
  return curve.length > 0 ? curve : PLACES.map((at) => ({ at, to: at }))
}

/** The curve with one point higher or lower; never above the next one or below the one before. */
export function movedPoint(points: CurvePoint[], index: number, to: number): CurvePoint[] {
  const low = points[index - 1]?.to ?? 0
  const high = points[index + 1]?.to ?? 100
  const kept = Math.round(Math.max(low, Math.min(high, to)))
  return points.map((point, i) => (i === index ? { ...point, to: kept } : point))
}
