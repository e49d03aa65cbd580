import type { Batch } from '../api/types'
import type { Shape } from '../theme/shapes'

export interface Station {
  name: string
  label: string
  shape: Shape
  /** How many pictures wait there. */
  count: (batch: Batch) => number
}

/** The six stops of the line, in order; keys 1 to 6. */
export const STATIONS: Station[] = [
  {
    name: 'intake',
    label: 'Intake',
    shape: 'ring',
    count: (b) => b.counts.waiting - b.queued + queuedButNotWaiting(b),
  },
  {
    name: 'cut',
    label: 'Cut',
    shape: 'half',
    count: (b) => beingCut(b) + b.counts.failed,
  },
  { name: 'check', label: 'Check', shape: 'diamond', count: (b) => b.counts['to-check'] },
  { name: 'touch-up', label: 'Touch-up', shape: 'bar', count: (b) => b.counts['in-touch-up'] },
  {
    name: 'dress',
    label: 'Dress',
    shape: 'disc',
    count: (b) => b.counts.passed + b.counts['left-whole'],
  },
  { name: 'deliver', label: 'Deliver', shape: 'tick', count: (b) => b.counts.delivered },
]

/** Pictures that are cut right now still count as queued on the server. */
function queuedButNotWaiting(b: Batch): number {
  return Math.min(b.queued, b.counts.cutting)
}

export function beingCut(b: Batch): number {
  return b.queued - queuedButNotWaiting(b) + b.counts.cutting
}

export function needPerson(b: Batch): number {
  return b.counts['to-check'] + b.counts['in-touch-up'] + b.counts.failed
}

export interface NextStep {
  words: string
  action: string
  station: string
  pressing: boolean
}

/** The next sensible thing to do with a batch. */
export function nextStep(b: Batch): NextStep {
  const c = b.counts
  const many = (n: number, words: string) => `${n.toLocaleString('en')} ${words}`
  if (b.total === 0) {
    return { words: 'No pictures yet', action: 'Add pictures', station: 'intake', pressing: true }
  }
  if (c['to-check'] > 0) {
    return {
      words: many(c['to-check'], 'to check'),
      action: 'Check',
      station: 'check',
      pressing: true,
    }
  }
  if (c['in-touch-up'] > 0) {
    return {
      words: many(c['in-touch-up'], 'to touch up'),
      action: 'Touch up',
      station: 'touch-up',
      pressing: true,
    }
  }
  if (beingCut(b) > 0) {
    return {
      words: b.paused
        ? `Paused, ${many(beingCut(b), 'left to cut')}`
        : many(beingCut(b), 'being cut'),
      action: 'Open',
      station: 'cut',
      pressing: false,
    }
  }
  if (c.failed > 0) {
    return {
      words: many(c.failed, 'could not be cut'),
      action: 'Look',
      station: 'cut',
      pressing: true,
    }
  }
  if (c.waiting > 0) {
    return { words: many(c.waiting, 'not cut yet'), action: 'Cut', station: 'cut', pressing: true }
  }
  if (c.passed + c['left-whole'] > 0) {
    return {
      words: many(c.passed + c['left-whole'], 'ready to deliver'),
      action: 'Deliver',
      station: 'deliver',
      pressing: false,
    }
  }
  return {
    words: b.deliveredFiles > 0 ? many(b.deliveredFiles, 'files delivered') : 'Nothing waits',
    action: 'Deliver again',
    station: 'deliver',
    pressing: false,
  }
}
