import { api, need } from '../../api/client'
import type { Picture } from '../../api/types'
import type { Reference, Setting } from '../../look/look'

const USUAL_MATCH = 80

/** A tone that brings every subject's colours to those of one picture. */
export async function matchedTo(picture: Picture, setting: Setting): Promise<Setting> {
  if (setting.kind !== 'tone') return setting
  const reference = (await need(
    api.GET('/api/v1/pictures/{id}/tone', { params: { path: { id: picture.id } } }),
  )) as Reference
  return { ...setting, reference, match: USUAL_MATCH }
}
