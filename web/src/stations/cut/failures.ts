import type { FailureKind, Picture } from '../../api/types'

export type Remedy = 'busy' | 'guide' | 'leave-whole' | 'again' | 'swap'

interface Kind {
  kind: FailureKind
  /** What happened, for one or for many. */
  words: string
  /** The one thing that helps most often. */
  remedy: Remedy
}

/** Kinds of failures, those that can be mended at once first. */
export const KINDS: Kind[] = [
  {
    kind: 'no-subject',
    words: 'No subject stood out. The busy scene method looks harder.',
    remedy: 'busy',
  },
  {
    kind: 'needs-a-hand',
    words: 'No subject was found where it was looked for. A box round it helps.',
    remedy: 'guide',
  },
  {
    kind: 'out-of-memory',
    words: 'More memory was needed than there is. With one worker there is more for each.',
    remedy: 'again',
  },
  {
    kind: 'unexpected',
    words: 'The program made a mistake. Nothing is lost.',
    remedy: 'again',
  },
  {
    kind: 'empty-picture',
    words: 'There is nothing in the picture that could be cut out.',
    remedy: 'leave-whole',
  },
  {
    kind: 'damaged',
    words: 'The saved original can’t be read any more. Swap the photograph in Intake.',
    remedy: 'swap',
  },
]

export const REMEDY_WORDS: Record<Remedy, string> = {
  busy: 'Try as busy scene',
  guide: 'Mark the subject',
  'leave-whole': 'Leave whole',
  again: 'Cut again',
  swap: 'To Intake',
}

/** Failed pictures by kind; what failed before there were kinds counts as a mistake. */
export function byKind(failed: Picture[]): (Kind & { pictures: Picture[] })[] {
  return KINDS.flatMap((kind) => {
    const pictures = failed.filter((p) => (p.failureKind ?? 'unexpected') === kind.kind)
    return pictures.length > 0 ? [{ ...kind, pictures }] : []
  })
}
