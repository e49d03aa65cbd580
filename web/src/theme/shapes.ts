import type { PictureState } from '../api/types'

export type Shape =
  'ring' | 'half' | 'diamond' | 'bar' | 'disc' | 'tick' | 'cross' | 'square' | 'barred'

/** One shape and one wording for each state of a picture. */
export const STATES: Record<PictureState, { shape: Shape; words: string }> = {
  waiting: { shape: 'ring', words: 'waiting' },
  cutting: { shape: 'half', words: 'being cut' },
  'to-check': { shape: 'diamond', words: 'to check' },
  'in-touch-up': { shape: 'bar', words: 'in touch-up' },
  passed: { shape: 'disc', words: 'passed' },
  rejected: { shape: 'barred', words: 'rejected' },
  delivered: { shape: 'tick', words: 'delivered' },
  failed: { shape: 'cross', words: 'failed' },
  'left-whole': { shape: 'square', words: 'left whole' },
}
