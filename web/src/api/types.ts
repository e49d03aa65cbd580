import type { components } from './schema'

type Schemas = components['schemas']

/** The API sends every property; those named may be null. */
type Sent<T, Nullable extends keyof T = never> = {
  [K in keyof T]-?: K extends Nullable ? NonNullable<T[K]> | null : NonNullable<T[K]>
}

export type PictureState =
  | 'waiting'
  | 'cutting'
  | 'to-check'
  | 'in-touch-up'
  | 'passed'
  | 'rejected'
  | 'delivered'
  | 'failed'
  | 'left-whole'

export type Picture = Omit<
  Sent<
    Schemas['Picture'],
    'confidence' | 'method' | 'reason' | 'subjects' | 'versionId' | 'versionNumber' | 'problem'
  >,
  'state'
> & { state: PictureState }

export type Look = Sent<Schemas['Look']>
export type EmptySet = Sent<Schemas['EmptySet']>
export type Batch = Omit<
  Sent<Schemas['Batch'], 'medianConfidence'>,
  'counts' | 'look' | 'emptySet'
> & {
  counts: Record<PictureState, number>
  look: Look
  emptySet: EmptySet | null
}

type SentBox = Sent<Schemas['Box']>
export type Hint = Sent<Schemas['Hint']>
export type Guidance = { boxes: SentBox[]; hints: Hint[]; include: number[]; exclude: number[] }
export type Subject = Omit<Sent<Schemas['Subject']>, 'box'> & { box: SentBox }
export type Subjects = { versionId: number | null; subjects: Subject[]; guidance: Guidance }

export type IntakeResult = Schemas['IntakeResult']
export type Stroke = Sent<Schemas['BrushStroke']>
export type Edit = Omit<Sent<Schemas['Edit']>, 'brush'> & { brush: Stroke }
export type EditList = { baseVersionId: number; edits: Edit[] }

export type NamePart = Schemas['NamePart']
export type Spec = Schemas['Spec']
export type Delivery = Sent<Schemas['Delivery'], 'problem' | 'finishedAt'>
export type PreflightFile = Sent<Schemas['PreflightFile']>
export type Preflight = Omit<Sent<Schemas['Preflight']>, 'content'> & { content: PreflightFile[] }

export type Verdict = 'pass' | 'touch-up' | 'reject'

export const METHODS = [
  { value: 'auto', label: 'Automatic', hint: 'picks per picture' },
  { value: 'plain', label: 'Plain backdrop', hint: 'one colour, evenly lit' },
  { value: 'uneven', label: 'Uneven backdrop', hint: 'light falls off, mottled' },
  { value: 'busy', label: 'Busy scene', hint: 'patterns, rooms, gardens' },
  { value: 'person', label: 'Person', hint: 'portraits, hair' },
  { value: 'see-through', label: 'See-through', hint: 'glass, bottles, film' },
  { value: 'ink', label: 'Ink and line art', hint: 'pen or print on paper' },
  { value: 'flat', label: 'Flat illustration', hint: 'even colours, crisp edges' },
] as const

export function methodLabel(method: string | null): string {
  if (method === 'empty-set') return 'Empty set'
  if (method === 'transparent') return 'Already transparent'
  return METHODS.find((m) => m.value === method)?.label ?? 'none yet'
}
