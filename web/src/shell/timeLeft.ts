/**
 * What is left in words, from the pace so far; coarse on purpose, because a second's precision would
 * be a pretence.
 *
 * @param done in any unit, such as bytes
 * @param left in the same unit
 */
export function timeLeft(done: number, left: number, elapsedMs: number): string {
  if (done <= 0) return 'time not known yet'
  return durationWords((elapsedMs / 1000) * (left / done))
}

export function durationWords(seconds: number): string {
  if (seconds < 8) return 'a few seconds'
  if (seconds < 55) return `${Math.ceil(seconds / 5) * 5} s`
  const minutes = Math.ceil(seconds / 60)
  if (minutes < 60) return `${minutes} min`
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`
}
