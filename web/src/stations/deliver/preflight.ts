import type { Preflight, PreflightFile } from '../../api/types'

/** What files can be filtered by. */
export type Filter = { key: string; label: string; count: number }

const LABELS: Record<string, string> = {
  'too-large': 'Too large',
  'cannot-write': 'Can’t be written',
  'too-heavy': 'Too heavy',
  'weight-risk': 'Weight at risk',
  enlarged: 'Enlarged',
  'subject-cut': 'Subject cut off',
  'loses-transparency': 'Transparency lost',
  look: 'Hurt by the look',
  'no-code': 'No code',
  'column-empty': 'Missing in the list',
  'name-twice': 'Name twice',
  'name-unsafe': 'Name changed',
  'name-shortened': 'Name shortened',
}

export const keyOf = (file: PreflightFile) => `${file.pictureId}:${file.specIndex}`

/** The kinds that are there, the blocking ones first as the server orders them. */
export function filtersOf(preflight: Preflight): Filter[] {
  const counts = new Map<string, number>()
  for (const file of preflight.content) {
    if (file.notes.length === 0) continue
    for (const kind of new Set(file.notes.map((note) => note.kind))) {
      counts.set(kind, (counts.get(kind) ?? 0) + 1)
    }
  }
  const kinds = Object.keys(LABELS)
    .filter((kind) => counts.has(kind))
    .map((kind) => ({
      key: kind,
      label: LABELS[kind] as string,
      count: counts.get(kind) as number,
    }))
  return [
    { key: '', label: 'All', count: preflight.files },
    ...(preflight.needALook > 0
      ? [{ key: 'look-at', label: 'Need a look', count: preflight.needALook }]
      : []),
    ...kinds,
    ...(preflight.same > 0 ? [{ key: 'same', label: 'As last time', count: preflight.same }] : []),
  ]
}

/** Those of a kind; among all, those that need a look come first and the rest keep their order. */
export function filesOf(preflight: Preflight, filter: string): PreflightFile[] {
  const all = preflight.content
  if (filter === 'look-at') return all.filter((file) => file.notes.length > 0)
  if (filter === 'same') return all.filter((file) => file.change === 'same')
  if (filter !== '') return all.filter((file) => file.notes.some((note) => note.kind === filter))
  return [
    ...all.filter((file) => file.blocked),
    ...all.filter((file) => !file.blocked && file.notes.length > 0),
    ...all.filter((file) => file.notes.length === 0),
  ]
}

/** With what a try of some files has shown: those can't be made, and others may not get light enough. */
export function withProblems(
  preflight: Preflight,
  problems: Record<string, string>,
  risks: Record<string, string>,
): Preflight {
  if (Object.keys(problems).length + Object.keys(risks).length === 0) return preflight
  const content = preflight.content.map((file, i) => {
    const problem = problems[i]
    const risk = risks[i]
    if (problem !== undefined)
      return {
        ...file,
        blocked: true,
        notes: [{ kind: 'too-heavy', sentence: problem }, ...file.notes],
      }
    return risk === undefined
      ? file
      : { ...file, notes: [...file.notes, { kind: 'weight-risk', sentence: risk }] }
  })
  return {
    ...preflight,
    needALook: content.filter((file) => file.notes.length > 0).length,
    blocked: content.filter((file) => file.blocked).length,
    content,
  }
}
