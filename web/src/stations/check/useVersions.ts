import { App } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { showPicture } from '../../api/queries'
import { useCutBeside } from '../../api/useCutBeside'
import type { DifferingRegion, Picture, Version, VersionComparison } from '../../api/types'

/** The versions of a picture, what differs between two of them, and what can be done with that. */
export function useVersions(picture: Ref<Picture>, pair: Ref<[number, number] | null>) {
  const { message } = App.useApp()
  const client = useQueryClient()

  const { data } = useQuery({
    queryKey: computed(() => ['versions', picture.value.id, picture.value.revision]),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/pictures/{id}/versions', { params: { path: { id: picture.value.id } } }),
      )) as Version[],
    placeholderData: (before) => before,
  })
  const versions = computed(() => data.value ?? [])

  const { data: comparison } = useQuery({
    queryKey: computed(() => ['comparison', picture.value.id, pair.value]),
    enabled: computed(() => pair.value !== null),
    queryFn: async () => {
      const [first, second] = pair.value ?? [0, 0]
      return (await need(
        api.GET('/api/v1/pictures/{id}/comparison', {
          params: { path: { id: picture.value.id }, query: { first, second } },
        }),
      )) as VersionComparison
    },
  })

  /** What the last act answered; the list may not have heard of it yet. */
  let answered: Picture | null = null
  let underWay: Promise<unknown> = Promise.resolve()

  /** Acts go one after another, each on the picture as the one before left it. */
  function inTurn(act: (now: Picture) => Promise<unknown>): Promise<boolean> {
    const mine = underWay.then(async () => {
      const listed = picture.value
      const isAhead = answered?.id === listed.id && answered.revision > listed.revision
      try {
        answered = (await act(isAhead && answered ? answered : listed)) as Picture
        showPicture(client, answered)
        return true
      } catch (error) {
        void message.warning(sentenceOf(error), 6)
        return false
      }
    })
    underWay = mine
    return mine
  }

  const choose = (versionId: number) =>
    inTurn(({ id, revision }) =>
      need(
        api.PUT('/api/v1/pictures/{id}/version', {
          params: { path: { id } },
          body: { versionId, revision },
        }),
      ),
    )

  /** Takes a place of a version into the one in use. */
  const take = (from: number, { x, y, width, height }: DifferingRegion) =>
    inTurn(({ id, versionId }) =>
      need(
        api.POST('/api/v1/pictures/{id}/versions/take', {
          params: { path: { id } },
          body: { into: versionId ?? 0, from, x, y, width, height },
        }),
      ),
    )

  const { cutting, cutBeside } = useCutBeside(() => picture.value.id)

  return { cutBeside, cutting, versions, comparison, choose, take }
}
