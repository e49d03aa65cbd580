import type { Picture, Spec } from '../../api/types'

/** What may be noteworthy about a picture before it is cut. */
export type Flag =
  | 'too-small'
  | 'blurred'
  | 'duplicate'
  | 'transparent'
  | 'several'
  | 'place'
  | 'profile'
  | 'deep'
  | 'cropped'
  | 'no-code'

export const FLAGS: { flag: Flag; label: string; onTile: string; hint: string }[] = [
  {
    flag: 'too-small',
    label: 'Too small',
    onTile: 'too small',
    hint: 'A spec on the ticket needs more pixels than the photograph has',
  },
  { flag: 'blurred', label: 'Blurred', onTile: 'blurred', hint: 'Not sharp anywhere' },
  {
    flag: 'duplicate',
    label: 'Twice',
    onTile: 'twice',
    hint: 'The same bytes as an earlier picture of this batch',
  },
  {
    flag: 'transparent',
    label: 'Transparent already',
    onTile: 'transparent',
    hint: 'Its own transparency is kept',
  },
  {
    flag: 'several',
    label: 'Several in a file',
    onTile: 'the first',
    hint: 'The file holds several pictures or moves; the first one was taken',
  },
  {
    flag: 'profile',
    label: 'Other colour profile',
    onTile: '',
    hint: 'Converted to sRGB from the profile in the file',
  },
  { flag: 'deep', label: 'Over 8 bit', onTile: '', hint: 'More than 8 bits a colour' },
  {
    flag: 'place',
    label: 'Says where',
    onTile: '',
    hint: 'The file holds the place where it was taken; deliveries never do',
  },
  {
    flag: 'cropped',
    label: 'Cropped',
    onTile: 'cropped',
    hint: 'Only a part of the original counts',
  },
  { flag: 'no-code', label: 'No code', onTile: '', hint: 'Others of this batch have a code' },
]

const ENLARGED_FROM = 1.005

/** True when even the whole photograph has fewer pixels than a spec asks of its content. */
export function tooSmall(
  picture: Picture,
  specs: Spec[],
  look: { marginPercent: number | null },
): boolean {
  return specs.some((spec) => {
    const [w, h] = [spec.width ?? 0, spec.height ?? 0]
    const margin = ((spec.marginPercent ?? look.marginPercent ?? 0) / 100) * Math.min(w, h)
    const scale = Math.min((w - 2 * margin) / picture.width, (h - 2 * margin) / picture.height)
    return scale > ENLARGED_FROM
  })
}

function isPlainSrgb(profile: string | null): boolean {
  return profile === null || /srgb/i.test(profile)
}

export interface Ticket {
  specs: Spec[]
  look: { marginPercent: number | null }
  /** True when some picture of the batch has a code. */
  coded: boolean
}

export function flagsOf(picture: Picture, ticket: Ticket): Flag[] {
  const { intake } = picture
  const all: [Flag, boolean][] = [
    ['too-small', tooSmall(picture, ticket.specs, ticket.look)],
    ['blurred', intake.blurred],
    ['duplicate', intake.duplicateOf !== null],
    ['transparent', intake.transparent],
    ['several', intake.picturesInFile > 1],
    ['profile', !isPlainSrgb(intake.profile)],
    ['deep', intake.bits > 8],
    ['place', intake.hasPlace],
    ['cropped', intake.crop !== null],
    ['no-code', ticket.coded && picture.code === null],
  ]
  return all.filter(([, holds]) => holds).map(([flag]) => flag)
}

export interface Sieve {
  flags: Flag[]
  format: string | null
  group: string | null
  text: string
  notCut: boolean
}

export const NO_SIEVE: Sieve = { flags: [], format: null, group: null, text: '', notCut: false }

/** Pictures that pass every wish; of several flags one is enough. */
export function sieved(pictures: Picture[], sieve: Sieve, flags: Map<number, Flag[]>): Picture[] {
  const words = sieve.text.trim().toLowerCase()
  return pictures.filter(
    (p) =>
      (sieve.flags.length === 0 ||
        (flags.get(p.id) ?? []).some((flag) => sieve.flags.includes(flag))) &&
      (sieve.format === null || p.format === sieve.format) &&
      (sieve.group === null || (p.group ?? '') === sieve.group) &&
      (!sieve.notCut || (p.state === 'waiting' && !p.queued)) &&
      (words === '' ||
        `${p.folder}/${p.fileName} ${p.code ?? ''} ${p.group ?? ''}`.toLowerCase().includes(words)),
  )
}

/** How many there are of each value, the most frequent first. */
export function tallied(values: (string | null)[]): { value: string; count: number }[] {
  const counts = new Map<string, number>()
  for (const value of values) counts.set(value ?? '', (counts.get(value ?? '') ?? 0) + 1)
  return [...counts]
    .map(([value, count]) => ({ value, count }))
    .sort((a, b) => b.count - a.count || a.value.localeCompare(b.value))
}
