import type { NamePart, Spec } from '../../api/types'

export type Draft = Required<Pick<Spec, 'name' | 'width' | 'height' | 'format' | 'quality'>> & {
  backdrop: string | null
  marginPercent: number | null
}

/** A shelf of common sizes, under our own names. */
export const SHELF: Draft[] = [
  draft('Shop square', 1200, 1200, 'JPEG', 90),
  draft('Card', 800, 600, 'WEBP', 82),
  draft('Cut-out', 1600, 1600, 'PNG', 90, 'transparent'),
  draft('Small square', 800, 800, 'JPEG', 85),
  draft('Banner', 1600, 600, 'WEBP', 82),
]

export function draft(
  name: string,
  width: number,
  height: number,
  format: string,
  quality: number,
  backdrop: string | null = null,
): Draft {
  return { name, width, height, format, quality, backdrop, marginPercent: null }
}

export const NAME_PARTS: { part: NonNullable<NamePart['part']>; label: string }[] = [
  { part: 'original-name', label: 'original name' },
  { part: 'code', label: 'code' },
  { part: 'group', label: 'group' },
  { part: 'spec', label: 'spec' },
  { part: 'size', label: 'size' },
  { part: 'counter', label: 'counter' },
  { part: 'text', label: 'text' },
]

export const DEFAULT_NAME: NamePart[] = [
  { part: 'original-name' },
  { part: 'text', text: '_' },
  { part: 'spec' },
]

/** What goes to the server: a draft with the name that all specs of a run share. */
export function toSpec(spec: Draft, fileName: NamePart[]): Spec {
  return {
    name: spec.name,
    width: spec.width,
    height: spec.height,
    format: spec.format,
    quality: spec.quality,
    ...(spec.backdrop === null ? {} : { backdrop: spec.backdrop }),
    ...(spec.marginPercent === null ? {} : { marginPercent: spec.marginPercent }),
    fileName,
  }
}

/** A draft of what stands on the ticket. */
export function toDraft(spec: Spec): Draft {
  return {
    name: spec.name ?? '',
    width: spec.width ?? 0,
    height: spec.height ?? 0,
    format: spec.format ?? 'PNG',
    quality: spec.quality ?? 90,
    backdrop: spec.backdrop ?? null,
    marginPercent: spec.marginPercent ?? null,
  }
}

/** The spec's own wishes, then the batch's look, then what the format allows. */
export function backdropOf(spec: Draft, look: { backdrop: string }): string {
  const wish = spec.backdrop ?? look.backdrop
  return wish === 'transparent' && spec.format === 'JPEG' ? '#FFFFFF' : wish
}

export function sizeWords(spec: Draft): string {
  const quality = spec.format === 'PNG' ? '' : ` ${spec.quality}`
  return `${spec.width} × ${spec.height} px · ${spec.format === 'WEBP' ? 'WebP' : spec.format}${quality}`
}

export function byteWords(bytes: number): string {
  if (bytes < 1000) return `${bytes} bytes`
  if (bytes < 1_000_000) return `${Math.round(bytes / 1000)} KB`
  return `${(bytes / 1_000_000).toFixed(1)} MB`
}
