import type { Sending } from '../../api/types'

/** Where the files of a sending are, in words. */
export function sendingWords(sending: Sending, now: number): string {
  const all = sending.there + sending.waiting + sending.refused
  const parts = [`${sending.there.toLocaleString('en')} of ${all.toLocaleString('en')} there`]
  if (sending.refused > 0) parts.push(`${sending.refused.toLocaleString('en')} not taken`)
  if (sending.state === 'running') {
    if (sending.silentUntil)
      parts.push(`the shop can’t be reached, next try ${inWords(sending.silentUntil, now)}`)
    else if (sending.nextTryAt) parts.push(`next try ${inWords(sending.nextTryAt, now)}`)
  }
  if (sending.state === 'stopped') parts.push('stopped')
  return parts.join(' · ')
}

function inWords(at: string, now: number): string {
  const seconds = Math.max(0, Math.round((Date.parse(at) - now) / 1000))
  if (seconds < 2) return 'now'
  return seconds < 90 ? `in ${seconds} s` : `in ${Math.round(seconds / 60)} min`
}
