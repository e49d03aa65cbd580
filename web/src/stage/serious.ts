import type { Finding } from '../api/types'

/** From here on a finding counts; below it is a note. */
export const SERIOUS = 0.3

export function isSerious(finding: Finding): boolean {
  return finding.severity >= SERIOUS
}
