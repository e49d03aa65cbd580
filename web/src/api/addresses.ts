import type { BatchLook, Picture } from './types'

/** Addresses of a picture's bytes. With the version in them they may be cached for good. */
export const addressOf = {
  thumbnail: (p: Picture): string => `/api/v1/pictures/${p.id}/thumbnail?o=${p.originalKey}`,
  cutoutThumbnail: (p: Picture) =>
    p.versionId === null
      ? addressOf.thumbnail(p)
      : `/api/v1/pictures/${p.id}/thumbnail?of=cutout&v=${p.versionId}`,
  preview: (p: Picture) => `/api/v1/pictures/${p.id}/preview?o=${p.originalKey}`,
  wholePreview: (p: Picture) => `/api/v1/pictures/${p.id}/preview?whole=true&o=${p.originalKey}`,
  cellPreview: (pictureId: number, version: number) =>
    `/api/v1/pictures/${pictureId}/cutout-preview.png?v=${version}`,
  versionCutout: (pictureId: number, version: number) =>
    `/api/v1/pictures/${pictureId}/cutout.png?v=${version}`,
  cutoutPreview: (p: Picture) => `/api/v1/pictures/${p.id}/cutout-preview.png?v=${p.versionId}`,
  mendLook: (p: Picture, finding: number, mended: boolean) =>
    `/api/v1/pictures/${p.id}/mends/${finding}/look.png?version=${p.versionId}&mended=${mended}`,
  upright: (p: Picture) => `/api/v1/pictures/${p.id}/upright?o=${p.originalKey}`,
  cutout: (p: Picture) => `/api/v1/pictures/${p.id}/cutout.png?v=${p.versionId}`,
  matte: (p: Picture, version: number) => `/api/v1/pictures/${p.id}/matte.png?v=${version}`,
  edgeColours: (p: Picture, version: number) =>
    `/api/v1/pictures/${p.id}/edge-colours.png?v=${version}`,
  /** @param instead of what the look says */
  dressed: (
    p: Picture,
    look: Pick<BatchLook, 'versionId' | 'revision'>,
    width: number,
    height: number,
    instead: { backdrop?: string | null; marginPercent?: number | null } = {},
  ) =>
    `/api/v1/pictures/${p.id}/dressed.png?look=${look.versionId}&width=${width}&height=${height}` +
    (instead.backdrop ? `&backdrop=${encodeURIComponent(instead.backdrop)}` : '') +
    (instead.marginPercent == null ? '' : `&marginPercent=${instead.marginPercent}`) +
    `&v=${look.revision}-${p.versionId ?? 0}-${p.revision}`,
}
