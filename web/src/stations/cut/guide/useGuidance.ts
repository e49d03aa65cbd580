import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, need } from '../../../api/client'
import { keys, showPicture } from '../../../api/queries'
import type { Guidance, Picture, Subjects } from '../../../api/types'
import type { Box } from '../../../stage/box'

/** A box smaller than this on either side is a slip of the hand. */
const LEAST_BOX_PX = 8

/** What is said about one picture: boxes drawn and subjects switched, and the cut that follows. */
export function useGuidance(picture: Ref<Picture | undefined>) {
  const client = useQueryClient()
  const found = useQuery({
    queryKey: computed(() => keys.subjects(picture.value?.id ?? 0, picture.value?.versionId ?? 0)),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/pictures/{id}/subjects', {
          params: { path: { id: picture.value?.id ?? 0 } },
        }),
      )) as Subjects,
    enabled: computed(() => picture.value !== undefined),
  })
  const boxes = ref<Box[]>([])
  /** Subject numbers whose switch stands otherwise than the engine's cutout. */
  const turned = ref(new Set<number>())

  watch(
    () => [picture.value?.id, found.data.value?.versionId] as const,
    () => {
      boxes.value = [...(found.data.value?.guidance.boxes ?? [])]
      turned.value = new Set()
    },
    { immediate: true },
  )

  const boxesChanged = computed(
    () => JSON.stringify(boxes.value) !== JSON.stringify(found.data.value?.guidance.boxes ?? []),
  )
  const subjects = computed(() =>
    // With other boxes the numbers mean nothing any more.
    boxesChanged.value
      ? []
      : (found.data.value?.subjects ?? []).map((subject) => ({
          ...subject,
          kept: subject.kept !== turned.value.has(subject.number),
        })),
  )
  const changed = computed(() => boxesChanged.value || turned.value.size > 0)

  function turn(number: number) {
    const next = new Set(turned.value)
    if (!next.delete(number)) next.add(number)
    turned.value = next
  }

  function addBox(box: Box): boolean {
    const whole = inside(box, picture.value)
    if (whole.width < LEAST_BOX_PX || whole.height < LEAST_BOX_PX) return false
    boxes.value = [...boxes.value, whole]
    return true
  }

  function removeBox(index: number) {
    boxes.value = boxes.value.filter((_, i) => i !== index)
  }

  /** Cuts the picture again under what was said. */
  async function recut(method: string | null) {
    const of = picture.value
    if (!of) return
    const guidance = said(found.data.value, boxes.value, boxesChanged.value, turned.value)
    const answer = await need(
      api.POST('/api/v1/pictures/{id}/recut', {
        params: { path: { id: of.id } },
        body: { method: method ?? undefined, guidance },
      }),
    )
    showPicture(client, answer as Picture)
  }

  return { subjects, boxes, changed, turn, addBox, removeBox, recut }
}

/** The guidance to send: switches add to those from before, as long as the boxes are the same. */
export function said(
  found: Subjects | undefined,
  boxes: Box[],
  boxesChanged: boolean,
  turned: ReadonlySet<number>,
): Guidance {
  const before = found?.guidance ?? { boxes: [], hints: [], include: [], exclude: [] }
  const guidance: Guidance = { boxes, hints: before.hints, include: [], exclude: [] }
  if (boxesChanged) return guidance
  const include = new Set(before.include)
  const exclude = new Set(before.exclude)
  for (const subject of found?.subjects ?? []) {
    if (!turned.has(subject.number)) continue
    if (subject.kept) {
      if (!include.delete(subject.number)) exclude.add(subject.number)
    } else if (!exclude.delete(subject.number)) {
      include.add(subject.number)
    }
  }
  return { ...guidance, include: [...include], exclude: [...exclude] }
}

function inside(box: Box, picture: Picture | undefined): Box {
  const left = Math.max(0, Math.floor(box.x))
  const top = Math.max(0, Math.floor(box.y))
  return {
    x: left,
    y: top,
    width: Math.min(picture?.width ?? 0, Math.ceil(box.x + box.width)) - left,
    height: Math.min(picture?.height ?? 0, Math.ceil(box.y + box.height)) - top,
  }
}
