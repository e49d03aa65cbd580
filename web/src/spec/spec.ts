import type { NamePart, Spec } from '../api/types'

export const NAME_PARTS: { part: NonNullable<NamePart['part']>; label: string }[] = [
  { part: 'original-name', label: 'original name' },
  { part: 'code', label: 'code' },
  { part: 'group', label: 'group' },
  { part: 'spec', label: 'spec' },
  { part: 'size', label: 'size' },
  { part: 'counter', label: 'counter' },
  { part: 'column', label: 'column' },
  { part: 'text', label: 'text' },
]

export const DEFAULT_NAME: NamePart[] = [
  { part: 'original-name' },
  { part: 'text', text: '_' },
  { part: 'spec' },
]

export const FORMATS = [
  { value: 'JPEG', label: 'JPEG' },
  { value: 'PNG', label: 'PNG' },
  { value: 'WEBP', label: 'WebP' },
  { value: 'AVIF', label: 'AVIF' },
  { value: 'TIFF', label: 'TIFF' },
  { value: 'GIF', label: 'GIF' },
  { value: 'PDF', label: 'PDF page' },
  { value: 'ORA', label: 'Layers' },
  { value: 'MATTE', label: 'Matte' },
  { value: 'CUT_LINE', label: 'Cut line' },
]

const WITH_QUALITY = ['JPEG', 'WEBP', 'AVIF', 'PDF']
const OPAQUE = ['JPEG', 'PDF']
const MM_PER_INCH = 25.4
const DEFAULT_QUALITY = 90

export type SizeKind = 'exact' | 'print' | 'original' | 'trimmed'

export function sizeKind(spec: Spec): SizeKind {
  return (spec.size as SizeKind | undefined) ?? (spec.unit ? 'print' : 'exact')
}

export function hasQuality(spec: Spec): boolean {
  return WITH_QUALITY.includes(spec.format ?? '') && !(spec.lossless && spec.format !== 'JPEG')
}

/** Without what is not said, as the server leaves it out itself. */
export function tidy<T extends object>(spec: T): T {
  return Object.fromEntries(
    Object.entries(spec).filter(([, value]) => value !== null && value !== undefined),
  ) as T
}

/** Names are the ticket's, shared by all of its specs. */
export function withoutNames(spec: Spec): Spec {
  return tidy({ ...spec, fileName: undefined, names: undefined })
}

/** The finished picture in pixels; null where it depends on the picture. */
export function pixelsOf(spec: Spec): { width: number; height: number } | null {
  const kind = sizeKind(spec)
  if (!spec.width || !spec.height || kind === 'original' || kind === 'trimmed') return null
  if (kind === 'exact') return { width: spec.width, height: spec.height }
  const perUnit = (spec.dpi ?? 0) / (spec.unit === 'in' ? 1 : MM_PER_INCH)
  return {
    width: Math.max(1, Math.round(spec.width * perUnit)),
    height: Math.max(1, Math.round(spec.height * perUnit)),
  }
}

/** The spec's own wishes, then the batch's look, then what the format allows. */
export function backdropOf(spec: Spec, look: { backdrop: string }): string {
  const wish = spec.backdrop ?? look.backdrop
  return wish === 'transparent' && OPAQUE.includes(spec.format ?? '') ? '#FFFFFF' : wish
}

export function sizeWords(spec: Spec): string {
  const most = spec.longestPx ? `, at most ${spec.longestPx.toLocaleString('en')} px` : ''
  switch (sizeKind(spec)) {
    case 'original':
      return `original size${most}`
    case 'trimmed':
      return `trimmed to the subject + ${spec.marginPx ?? 0} px${most}`
    case 'print': {
      const bleed = spec.bleedMm ? ` + ${spec.bleedMm} mm bleed` : ''
      return `${spec.width} × ${spec.height} ${spec.unit}${bleed} · ${spec.dpi} dpi`
    }
    default:
      return `${spec.width} × ${spec.height} px${spec.dpi ? ` · ${spec.dpi} dpi` : ''}`
  }
}

export function formatWords(spec: Spec): string {
  const name = FORMATS.find((f) => f.value === spec.format)?.label ?? spec.format ?? ''
  if (hasQuality(spec)) return `${name} ${spec.quality ?? DEFAULT_QUALITY}`
  if (spec.format === 'TIFF') return `TIFF, ${spec.bits ?? 8} bit`
  return spec.lossless && spec.format !== 'JPEG' ? `${name}, lossless` : name
}

/** What else it asks for, in the order in which it matters. */
export function wishes(spec: Spec): string[] {
  const exact = sizeKind(spec) === 'exact' || sizeKind(spec) === 'print'
  return [
    exact && spec.fit === 'share' ? `subject fills ${spec.sharePercent} %` : '',
    exact && spec.fit === 'cover' ? 'photograph covers the frame' : '',
    spec.enlarge === false ? 'never enlarged' : '',
    spec.mostBytes ? `at most ${byteWords(spec.mostBytes)}` : '',
    spec.cropMarks && spec.format === 'PDF' ? 'crop marks' : '',
    spec.format === 'CUT_LINE' ? `${spec.offsetMm ?? 2} mm around it` : '',
  ].filter((words) => words !== '')
}

export function byteWords(bytes: number): string {
  if (bytes < 1000) return `${bytes} bytes`
  if (bytes < 1_000_000) return `${Math.round(bytes / 1000)} KB`
  return `${(bytes / 1_000_000).toFixed(1)} MB`
}
