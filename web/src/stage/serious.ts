import type { Finding } from '../api/types'

/** From here on a finding counts; below it is a note. */
export const SERIOUS = 0.3

/** What somebody said to be right does not count any more. */
export function isSerious(finding: Finding): boolean {
  return finding.severity >= SERIOUS && !finding.right
}
