const HATCH_PX = 8
let tile: HTMLCanvasElement | undefined

/** Indigo, at 45 degrees: what will be removed. */
export function hatch(context: CanvasRenderingContext2D): CanvasPattern | string {
  if (!tile) {
    tile = document.createElement('canvas')
    tile.width = tile.height = HATCH_PX
    const c = tile.getContext('2d')
    if (c) {
      c.fillStyle = '#3b3f8f59'
      c.fillRect(0, 0, HATCH_PX, HATCH_PX)
      c.strokeStyle = '#3b3f8fd9'
      c.lineWidth = 2
      for (const shift of [-HATCH_PX, 0, HATCH_PX]) {
        c.moveTo(shift - 1, HATCH_PX + 1)
        c.lineTo(shift + HATCH_PX + 1, -1)
      }
      c.stroke()
    }
  }
  return context.createPattern(tile, 'repeat') ?? '#3b3f8f80'
}
