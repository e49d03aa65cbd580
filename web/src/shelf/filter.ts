/** What is looked for on the shelf; an empty value narrows nothing. */
export interface ShelfFilter {
  words: string
  batch: string
  spec: string
  look: string
  group: string
  format: string
  /** One of {@link TIMES}. */
  time: string
  /** Days as YYYY-MM-DD, for the time “between”. */
  from: string
  to: string
  delivery: string
  earlier: boolean
}

export const NOTHING: ShelfFilter = {
  words: '',
  batch: '',
  spec: '',
  look: '',
  group: '',
  format: '',
  time: '',
  from: '',
  to: '',
  delivery: '',
  earlier: false,
}

export const TIMES = [
  { value: '', label: 'any time' },
  { value: 'week', label: 'the last 7 days' },
  { value: 'month', label: 'the last 30 days' },
  { value: 'this-year', label: 'this year' },
  { value: 'last-year', label: 'last year' },
  { value: 'between', label: 'between two days' },
]

const DAY_MS = 24 * 3600 * 1000

/** When a file was delivered, as two moments; undefined = no limit. */
export function spanOf(
  filter: Pick<ShelfFilter, 'time' | 'from' | 'to'>,
  now: Date,
): { since?: string; until?: string } {
  const year = now.getFullYear()
  switch (filter.time) {
    case 'week':
      return { since: new Date(now.getTime() - 7 * DAY_MS).toISOString() }
    case 'month':
      return { since: new Date(now.getTime() - 30 * DAY_MS).toISOString() }
    case 'this-year':
      return { since: new Date(year, 0, 1).toISOString() }
    case 'last-year':
      return {
        since: new Date(year - 1, 0, 1).toISOString(),
        until: new Date(year, 0, 1).toISOString(),
      }
    case 'between':
      return { since: startOf(filter.from, 0), until: startOf(filter.to, 1) }
    default:
      return {}
  }
}

/** The first moment of a day, or of one after it, as the person's clock has it. */
function startOf(day: string, later: number): string | undefined {
  const [year, month, date] = day.split('-').map(Number)
  if (!year || !month || !date) return undefined
  return new Date(year, month - 1, date + later).toISOString()
}

/** As the server is asked. */
export function questionOf(filter: ShelfFilter, now: Date) {
  const some = (text: string) => (text.trim() === '' ? undefined : text.trim())
  return {
    words: some(filter.words),
    batch: filter.batch === '' ? undefined : Number(filter.batch),
    spec: some(filter.spec),
    look: some(filter.look),
    group: some(filter.group),
    format: some(filter.format),
    delivery: filter.delivery === '' ? undefined : Number(filter.delivery),
    earlier: filter.earlier || undefined,
    ...spanOf(filter, now),
  }
}

export function isNarrowed(filter: ShelfFilter): boolean {
  return JSON.stringify({ ...filter, earlier: false }) !== JSON.stringify(NOTHING)
}
