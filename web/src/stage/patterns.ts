const HATCH_PX = 8
const DOTS_PX = 9
const made = new Map<string, HTMLCanvasElement>()

/** A pattern whose tile is drawn once. */
function patternOf(
  context: CanvasRenderingContext2D,
  name: string,
  size: number,
  draw: (c: CanvasRenderingContext2D) => void,
): CanvasPattern | string {
  let tile = made.get(name)
  if (!tile) {
    tile = document.createElement('canvas')
    tile.width = tile.height = size
    const c = tile.getContext('2d')
    if (c) draw(c)
    made.set(name, tile)
  }
  return context.createPattern(tile, 'repeat') ?? '#3b3f8f80'
}

/** Indigo, at 45 degrees: what will be removed. */
export function hatch(context: CanvasRenderingContext2D): CanvasPattern | string {
  return patternOf(context, 'hatch', HATCH_PX, (c) => {
    c.fillStyle = '#3b3f8f59'
    c.fillRect(0, 0, HATCH_PX, HATCH_PX)
    c.strokeStyle = '#3b3f8fd9'
    c.lineWidth = 2
    for (const shift of [-HATCH_PX, 0, HATCH_PX]) {
      c.moveTo(shift - 1, HATCH_PX + 1)
      c.lineTo(shift + HATCH_PX + 1, -1)
    }
    c.stroke()
  })
}

/** White dots with a dark rim, so that they show on anything: what will come back. */
export function dots(context: CanvasRenderingContext2D): CanvasPattern | string {
  return patternOf(context, 'dots', DOTS_PX, (c) => {
    c.beginPath()
    c.arc(DOTS_PX / 2, DOTS_PX / 2, 2.3, 0, 2 * Math.PI)
    c.fillStyle = '#1b2333b0'
    c.fill()
    c.beginPath()
    c.arc(DOTS_PX / 2, DOTS_PX / 2, 1.4, 0, 2 * Math.PI)
    c.fillStyle = '#fff'
    c.fill()
  })
}
