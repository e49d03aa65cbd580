import { computed, ref, shallowRef, watch } from 'vue'
import { addressOf } from '../../api/addresses'
import { sentenceOf } from '../../api/client'
import type { Picture } from '../../api/types'
import { imageAt } from '../../stage/images'
import type { View } from '../../stage/view'

/** A preview's pixels may be stretched by this much before full size is fetched. */
const STRETCH = 1.15

/**
 * The two pictures on the stage: first at screen size, so that the next one is there at once, then
 * at full size as soon as somebody looks closer.
 */
export function useStagePictures(picture: () => Picture, view: View) {
  const cutout = shallowRef<ImageBitmap | null>(null)
  const original = shallowRef<ImageBitmap | null>(null)
  /** Small, and nearly always here already: what stands on the stage until the picture is there. */
  const standIn = shallowRef<ImageBitmap | null>(null)
  const problem = ref('')

  watch(
    () => [picture().id, picture().versionId] as const,
    async ([id, version], before) => {
      const wanted = picture()
      if (before === undefined || before[0] !== id) view.setPicture(wanted)
      cutout.value = null
      original.value = null
      standIn.value = null
      problem.value = ''
      imageAt(addressOf.cutoutThumbnail(wanted)).then(
        (small) => {
          if (picture().id === id && picture().versionId === version) standIn.value = small
        },
        () => undefined,
      )
      try {
        const [front, back] = await Promise.all([
          version === null ? null : imageAt(addressOf.cutoutPreview(wanted)),
          imageAt(addressOf.preview(wanted)),
        ])
        if (picture().id !== id || picture().versionId !== version) return
        cutout.value = front
        original.value = back
      } catch (error) {
        problem.value = sentenceOf(error)
      }
    },
    { immediate: true },
  )

  const closer = computed(
    () =>
      cutout.value !== null &&
      cutout.value.width < picture().width &&
      view.scale * window.devicePixelRatio * picture().width > cutout.value.width * STRETCH,
  )
  watch(closer, async (wanted) => {
    if (!wanted) return
    const shown = picture()
    try {
      const [front, back] = await Promise.all([
        imageAt(addressOf.cutout(shown)),
        imageAt(addressOf.upright(shown)),
      ])
      if (picture().id !== shown.id || picture().versionId !== shown.versionId) return
      cutout.value = front
      original.value = back
    } catch (error) {
      problem.value = sentenceOf(error)
    }
  })

  return { cutout, original, standIn, problem }
}
