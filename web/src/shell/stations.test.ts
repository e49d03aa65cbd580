import { describe, expect, it } from 'vitest'
import type { Batch, PictureState } from '../api/types'
import { beingCut, needPerson, nextStep, STATIONS } from './stations'

function batch(counts: Partial<Record<PictureState, number>>, queued = 0): Batch {
  const all: Record<PictureState, number> = {
    waiting: 0,
    cutting: 0,
    'to-check': 0,
    'in-touch-up': 0,
    passed: 0,
    rejected: 0,
    delivered: 0,
    failed: 0,
    'left-whole': 0,
    ...counts,
  }
  return {
    id: 1,
    name: 'Spring tools',
    method: 'auto',
    methodRules: {},
    sharpenEnlarged: false,
    takeSafeMends: false,
    notes: null,
    removed: 0,
    paused: false,
    emptySet: null,
    look: {
      id: 1,
      name: 'Clear, 8 %',
      versionId: 1,
      version: 1,
      newest: true,
      revision: 0,
      backdrop: 'transparent',
      marginPercent: 8,
    },
    counts: all,
    total: Object.values(all).reduce((a, b) => a + b, 0),
    queued,
    confidences: [],
    medianConfidence: null,
    trustedFrom: 51,
    samples: [],
    deliveredFiles: 0,
    createdAt: '2026-03-02T09:00:00Z',
  }
}

const count = (b: Batch, name: string) => STATIONS.find((s) => s.name === name)?.count(b)

describe('the line', () => {
  it('shows queued pictures at Cut and not at Intake', () => {
    const b = batch({ waiting: 10, cutting: 2 }, 9)
    expect(count(b, 'intake')).toBe(3)
    expect(count(b, 'cut')).toBe(9)
    expect(beingCut(b)).toBe(9)
  })

  it('counts what needs a person', () => {
    expect(needPerson(batch({ 'to-check': 3, 'in-touch-up': 2, failed: 1, passed: 9 }))).toBe(6)
  })

  it('knows the next sensible step', () => {
    expect(nextStep(batch({})).action).toBe('Add pictures')
    expect(nextStep(batch({ waiting: 4 })).station).toBe('cut')
    expect(nextStep(batch({ waiting: 4 }, 4)).words).toBe('4 being cut')
    expect(nextStep({ ...batch({ waiting: 4 }, 4), paused: true }).words).toBe(
      'Paused, 4 left to cut',
    )
    expect(nextStep(batch({ 'to-check': 1200, passed: 3 })).words).toBe('1,200 to check')
    expect(nextStep(batch({ 'in-touch-up': 1, passed: 3 })).station).toBe('touch-up')
    expect(nextStep(batch({ passed: 3 })).station).toBe('deliver')
    expect(nextStep(batch({ delivered: 3 })).action).toBe('Deliver again')
  })
})
