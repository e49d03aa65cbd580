import type { Picture } from '../../api/types'
import { isSerious } from '../../stage/serious'

/** What the queue says of a picture: its worst finding, or that there is none. */
export function headline(picture: Picture): string {
  if (picture.redrawing) return 'being redrawn'
  if (!picture.inspected) return 'being looked over'
  const worst = picture.findings.find(isSerious)
  if (!worst) return 'nothing found'
  return worst.mend?.safe ? `${worst.label} · mend ready` : worst.label
}

/** The kinds among these pictures, the most frequent first. */
export function kindsIn(pictures: Picture[]): { kind: string; label: string; count: number }[] {
  const all = new Map<string, { kind: string; label: string; count: number }>()
  for (const picture of pictures) {
    for (const kind of new Set(picture.findings.filter(isSerious).map((f) => f.kind))) {
      const label = picture.findings.find((f) => f.kind === kind)?.label ?? kind
      const entry = all.get(kind) ?? { kind, label, count: 0 }
      entry.count++
      all.set(kind, entry)
    }
  }
  return [...all.values()].sort((a, b) => b.count - a.count)
}

/** Which pictures a contact sheet shows. */
export interface SheetSieve {
  /** A kind of finding, `none` for pictures without a serious one, or null for all. */
  kind: string | null
  group: string | null
  method: string | null
}

export function sieved(pictures: Picture[], sieve: SheetSieve): Picture[] {
  return pictures.filter((p) => {
    const serious = p.findings.filter(isSerious)
    return (
      (sieve.kind === null ||
        (sieve.kind === 'none'
          ? serious.length === 0
          : serious.some((f) => f.kind === sieve.kind))) &&
      (sieve.group === null || p.group === sieve.group) &&
      (sieve.method === null || p.method === sieve.method)
    )
  })
}

/** Safe mends of one kind of finding among pictures. */
export interface MendKind {
  kind: string
  label: string
  mends: number
  /** Where they are: a picture and the place of its finding. */
  places: { picture: Picture; index: number }[]
}

/** What could be taken at once, the most frequent first. */
export function safeMendsIn(pictures: Picture[]): MendKind[] {
  const all = new Map<string, MendKind>()
  for (const picture of pictures) {
    if (picture.state !== 'to-check' || picture.redrawing) continue
    picture.findings.forEach((finding, index) => {
      if (!isSerious(finding) || !finding.mend?.safe) return
      const { kind, label } = finding
      const entry = all.get(kind) ?? { kind, label, mends: 0, places: [] }
      entry.mends++
      entry.places.push({ picture, index })
      all.set(kind, entry)
    })
  }
  return [...all.values()].sort((a, b) => b.mends - a.mends)
}
