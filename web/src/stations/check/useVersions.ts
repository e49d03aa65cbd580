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

  async function show(call: Promise<unknown>) {
    try {
      showPicture(client, (await call) as Picture)
      return true
    } catch (error) {
      void message.warning(sentenceOf(error), 6)
      return false
    }
  }

  const choose = (versionId: number) =>
    show(
      need(
        api.PUT('/api/v1/pictures/{id}/version', {
          params: { path: { id: picture.value.id } },
          body: { versionId, revision: picture.value.revision },
        }),
      ),
    )

  const take = (into: number, from: number, region: DifferingRegion) =>
    show(
      need(
        api.POST('/api/v1/pictures/{id}/versions/take', {
          params: { path: { id: picture.value.id } },
          body: {
            into,
            from,
            x: region.x,
            y: region.y,
            width: region.width,
            height: region.height,
          },
        }),
      ),
    )

  const { cutting, cutBeside } = useCutBeside(() => picture.value.id)

  return { cutBeside, cutting, versions, comparison, choose, take }
}
