import type { Size } from './box'
import type { View } from './view'

const QUIET = '#9a9a97'
const RIM = '#a9a9a6'

/**
 * What is coming, where a picture is not here yet: a smaller one that is here already, or a quiet
 * field of the right proportions.
 *
 * @param picture its size at full resolution
 * @param smaller null = there is none
 */
export function drawStandIn(
  context: CanvasRenderingContext2D,
  view: View,
  picture: Size,
  smaller: ImageBitmap | null = null,
) {
  const place = [view.x, view.y, picture.width * view.scale, picture.height * view.scale] as const
  if (smaller) {
    context.imageSmoothingEnabled = true
    context.imageSmoothingQuality = 'high'
    context.drawImage(smaller, ...place)
    return
  }
  context.fillStyle = QUIET
  context.fillRect(...place)
  context.strokeStyle = RIM
  context.lineWidth = 1
  context.strokeRect(...place)
}
