import { shallowRef } from 'vue'
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import { fillFor } from '../../stage/backdrops'
import { imageAt } from '../../stage/images'
import { drawStandIn } from '../../stage/standIn'
import type { View } from '../../stage/view'

/** What the stages show while the server lays a picture on the bench: its previews, which are here. */
export function useStandIns(picture: Picture) {
  const cutout = shallowRef<ImageBitmap | null>(null)
  const photograph = shallowRef<ImageBitmap | null>(null)
  const fetched = (into: typeof cutout, address: string) =>
    void imageAt(address).then(
      (image) => (into.value = image),
      () => undefined,
    )
  fetched(cutout, addressOf.cutoutPreview(picture))
  fetched(photograph, addressOf.preview(picture))

  const painterOf = (image: typeof cutout, ground: () => string) => {
    const on = ground()
    const shown = image.value
    return (context: CanvasRenderingContext2D, view: View) => {
      context.fillStyle = fillFor(context, on)
      context.fillRect(0, 0, context.canvas.width, context.canvas.height)
      drawStandIn(context, view, picture, shown)
    }
  }

  return {
    result: (ground: () => string) => painterOf(cutout, ground),
    photograph: (ground: () => string) => painterOf(photograph, ground),
  }
}
