/**
 * What is left of a run in words, from the pace so far weighed by pixels; coarse on purpose, because
 * a second's precision would be a pretence.
 */
export function timeLeft(pixelsDone: number, pixelsLeft: number, elapsedMs: number): string {
  if (pixelsDone <= 0) return 'not known yet'
  const seconds = (elapsedMs / 1000) * (pixelsLeft / pixelsDone)
  if (seconds < 8) return 'a few seconds'
  if (seconds < 55) return `${Math.ceil(seconds / 5) * 5} s`
  const minutes = Math.ceil(seconds / 60)
  if (minutes < 60) return `${minutes} min`
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`
}
