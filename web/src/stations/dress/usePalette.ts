import { ref, watch, type Ref } from 'vue'
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import { paletteOf } from '../../look/palette'

const SIDE = 64

/** The main colours of a picture's subject, most of it first. */
export function usePalette(picture: Ref<Picture | undefined>): Ref<string[]> {
  const palette = ref<string[]>([])
  watch(
    () => (picture.value ? addressOf.cutoutThumbnail(picture.value) : ''),
    async (address) => {
      if (!address) return
      try {
        palette.value = paletteOf(await pixels(address))
      } catch {
        palette.value = []
      }
    },
    { immediate: true },
  )
  return palette
}

async function pixels(address: string): Promise<Uint8ClampedArray> {
  const image = new Image()
  image.src = address
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = SIDE
  canvas.height = SIDE
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) return new Uint8ClampedArray()
  context.drawImage(image, 0, 0, SIDE, SIDE)
  return context.getImageData(0, 0, SIDE, SIDE).data
}
