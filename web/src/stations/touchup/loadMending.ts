import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import { imageAt } from '../../stage/images'
import { Mending } from './Mending'
import { Pyramid } from './Pyramid'

export interface MendingBench {
  mending: Mending
  original: Pyramid
}

/** Fetches the photograph and the automatic cutout at full size and lays them on the bench. */
export async function loadMending(picture: Picture, baseVersion: number): Promise<MendingBench> {
  const size = { width: picture.width, height: picture.height }
  const [photograph, matte, edge] = await Promise.all([
    imageAt(addressOf.upright(picture)),
    imageAt(addressOf.matte(picture, baseVersion)),
    imageAt(addressOf.edgeColours(picture, baseVersion)),
  ])
  const original = new Pyramid(size)
  original.draw(photograph)
  const originalPixels = original.read()
  const colours = read(size, [photograph, edge])
  const grey = read(size, [matte])
  const alpha = new Uint8Array(size.width * size.height)
  for (let i = 0; i < alpha.length; i++) alpha[i] = grey[i * 4] ?? 0
  return { mending: new Mending(size, originalPixels, colours, alpha), original }
}

function read(size: { width: number; height: number }, images: ImageBitmap[]): Uint8ClampedArray {
  const canvas = new OffscreenCanvas(size.width, size.height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) throw new Error('This browser gives no canvas')
  for (const image of images) context.drawImage(image, 0, 0)
  return context.getImageData(0, 0, size.width, size.height).data
}
