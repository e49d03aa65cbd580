import type { Part } from '../look/look'
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

export type FailureKind =
  'no-subject' | 'needs-a-hand' | 'empty-picture' | 'out-of-memory' | 'damaged' | 'unexpected'

export type Crop = Sent<Schemas['Crop']>
export type IntakeFacts = Omit<Sent<Schemas['IntakeFacts'], 'profile' | 'duplicateOf'>, 'crop'> & {
  crop: Crop | null
}

export type Mend = Sent<Schemas['Mend']>
export type Finding = Omit<Sent<Schemas['Finding'], 'mend'>, 'mend'> & { mend: Mend | null }
export type TriedWay = Sent<Schemas['TriedWay']>
export type Remark = Sent<Schemas['Remark'], keyof Schemas['Remark']>
/** A remark on its way; what is left out is nothing. */
export type SentRemark = Schemas['Remark']

export type Picture = Omit<
  Sent<
    Schemas['Picture'],
    | 'code'
    | 'group'
    | 'askedMethod'
    | 'confidence'
    | 'method'
    | 'reason'
    | 'subjects'
    | 'versionId'
    | 'versionNumber'
    | 'tellTale'
    | 'problem'
  >,
  'state' | 'failureKind' | 'intake' | 'findings' | 'tried' | 'remark' | 'columns' | 'lookChanges'
> & {
  columns: Record<string, string>
  /** Parts that replace those of the look. */
  lookChanges: Part[]
  state: PictureState
  failureKind: FailureKind | null
  intake: IntakeFacts
  findings: Finding[]
  tried: TriedWay[]
  remark: Remark | null
}

export type Sampling = Omit<Sent<Schemas['Sampling'], 'drawnAt'>, 'verdict' | 'pictures'> & {
  pictures: number[]
  verdict: 'none' | 'open' | 'accepted' | 'not-accepted'
}

export type Version = Sent<Schemas['Version'], 'worst' | 'tellTale'>
export type DifferingRegion = Sent<Schemas['DifferingRegion']>
export type VersionComparison = Omit<Sent<Schemas['VersionComparison']>, 'regions'> & {
  regions: DifferingRegion[]
}

export type Quality = Omit<
  Sent<Schemas['Quality'], 'medianLookedMillis' | 'firstTimeRight'>,
  'verdicts' | 'reasons' | 'reasonsLately' | 'hours'
> & {
  verdicts: Record<string, number>
  reasonsLately: Record<string, number>
  reasons: Record<string, number>
  hours: Sent<Schemas['QualityHour']>[]
}

export type BatchLook = Sent<Schemas['BatchLook'], 'marginPercent'>
export type KeptLook = Omit<Sent<Schemas['KeptLook']>, 'parts'> & { parts: Part[] }
export type LookPicture = Sent<Schemas['Choice']>
export type EmptySet = Sent<Schemas['EmptySet']>
export type Batch = Omit<
  Sent<Schemas['Batch'], 'medianConfidence' | 'notes'>,
  'counts' | 'look' | 'emptySet' | 'methodRules'
> & {
  methodRules: Record<string, string>
  counts: Record<PictureState, number>
  look: BatchLook
  emptySet: EmptySet | null
}

type SentBox = Sent<Schemas['Box']>
export type Hint = Sent<Schemas['Hint']>
export type Guidance = { boxes: SentBox[]; hints: Hint[]; include: number[]; exclude: number[] }
export type Subject = Omit<Sent<Schemas['Subject']>, 'box'> & { box: SentBox }
export type Subjects = { versionId: number | null; subjects: Subject[]; guidance: Guidance }

export type InWork = Sent<Schemas['InWork']>
export type Run = Omit<
  Sent<Schemas['Run'], 'perMinute' | 'secondsLeft' | 'trouble'>,
  'inWork' | 'priority'
> & { inWork: InWork[]; priority: 'first' | 'usual' | 'last' }

export type StripCell = Sent<
  Schemas['StripCell'],
  'versionId' | 'confidence' | 'usedMethod' | 'reason' | 'seconds' | 'tellTale' | 'problem'
>
export type Strip = { samples: number[]; methods: string[]; cells: StripCell[] }

export type NamePattern = { separators: string; parts: string[]; folderIsGroup: boolean }
export type SetExample = Sent<Schemas['SetExample'], 'code' | 'group'>
export type Sets = Omit<Sent<Schemas['Sets']>, 'groups' | 'examples'> & {
  groups: Sent<Schemas['GroupCount']>[]
  examples: SetExample[]
}

export type ServerUpload = Sent<Schemas['Upload'], 'pictureId' | 'problem' | 'duplicateOf'>
export type Uploads = Omit<Sent<Schemas['Uploads'], 'trouble'>, 'refused'> & {
  refused: ServerUpload[]
}

export type Act = Schemas['Act']
export type ActResult = { done: number; refused: Sent<Schemas['RefusedAct']>[] }
export type TicketFile = Schemas['TicketFile']

export type IntakeResult = Schemas['IntakeResult']
export type EditData = Schemas['EditData']
export type ProposedMends = {
  versionId: number
  mends: { finding: number; area: Area; edit: EditData }[]
}
export type MendAnswers = Sent<Schemas['MendAnswers']>
export type Area = { parts: AreaPart[]; inverted: boolean; featherPx: number }
export type AreaPart = Required<Schemas['AreaPart']>
export type EdgeSettings = Required<Schemas['EdgeSettings']>
export type Edit = Omit<Sent<Schemas['Edit'], 'box' | 'problem'>, 'edit' | 'box' | 'elsewhere'> & {
  edit: EditData
  /** The other pictures of the group that have it too; null = none. */
  elsewhere: Elsewhere | null
  box: SentBox | null
}
export type EditList = {
  baseVersionId: number
  state: string
  changed: SentBox | null
  edits: Edit[]
}

export type Elsewhere = Required<Schemas['Elsewhere']>

export type NamePart = Schemas['NameEntry']
export type NameRules = Schemas['NameRulesEntry']
export type FileWords = Schemas['WordsEntry']
export type Spec = Schemas['SpecEntry']
export type ShelfFile = Sent<Schemas['ShelfFile'], 'code' | 'group' | 'replacedAt'>
export type ShelfChoices = Sent<Schemas['ShelfChoices']>
export type ShelfStory = Omit<
  Sent<Schemas['ShelfStory'], 'quality' | 'likeness'>,
  'file' | 'original' | 'version' | 'passed' | 'deliveries'
> & {
  file: ShelfFile
  original: Sent<Schemas['StoryOriginal']>
  version: Sent<Schemas['StoryVersion']> | null
  passed: Sent<Schemas['StoryPassed']> | null
  deliveries: Sent<Schemas['StoryDelivery']>[]
}
export type Sending = Sent<Schemas['Sending'], 'shop' | 'silentUntil' | 'nextTryAt' | 'finishedAt'>
export type SentFile = Sent<Schemas['SentFile'], 'problem' | 'nextTryAt'>
export type TidyDone = Sent<Schemas['TidyDone']>
export type TidyProposal = Sent<Schemas['TidyProposal']>
export type Delivery = Sent<Schemas['Delivery'], 'problem' | 'finishedAt'>
export type PreflightNote = Sent<Schemas['PreflightNote']>
export type PreflightFile = Omit<Sent<Schemas['PreflightFile']>, 'notes'> & {
  notes: PreflightNote[]
}
export type Preflight = Omit<Sent<Schemas['Preflight']>, 'content'> & { content: PreflightFile[] }

export type Verdict = 'pass' | 'touch-up' | 'reject'

export const METHODS = [
  { value: 'auto', label: 'Automatic', hint: 'picks per picture' },
  { value: 'plain', label: 'Plain backdrop', hint: 'one colour, evenly lit' },
  { value: 'uneven', label: 'Uneven backdrop', hint: 'light falls off, mottled' },
  { value: 'busy', label: 'Busy scene', hint: 'patterns, rooms, gardens' },
  { value: 'weighed', label: 'All evidence', hint: 'colour, focus, shape together' },
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

export type LookProblems = Omit<
  Sent<Schemas['LookProblems']>,
  'counts' | 'problems' | 'cohesion' | 'backdrops'
> & {
  cohesion: Sent<Schemas['LookCohesion']> | null
  backdrops: Sent<Schemas['BackdropAdvice']>[]
  counts: Sent<Schemas['LookProblemCount']>[]
  problems: Sent<Schemas['LookProblem'], 'part'>[]
}
