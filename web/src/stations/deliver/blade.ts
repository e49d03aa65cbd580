interface Counts {
  parts?: number
  holes?: number
  joined?: number
  dropped?: number
  filled?: number
}

const many = (n: number, one: string) => (n === 1 ? `1 ${one}` : `${n} ${one}s`)

/** What falls out of the sheet, and what was done about what is too fine for the blade. */
export function bladeWords(counts: Counts): string {
  const { parts = 0, holes = 0, joined = 0, dropped = 0, filled = 0 } = counts
  return [
    many(parts, 'part'),
    holes > 0 ? many(holes, 'hole') : '',
    joined > 0 ? `${joined} joined by a bridge` : '',
    dropped > 0 ? `${dropped} left out (dashed)` : '',
    filled > 0 ? `${many(filled, 'hole')} not cut (dashed)` : '',
  ]
    .filter((words) => words !== '')
    .join(' · ')
}
