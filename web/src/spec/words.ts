import type { NamePart } from '../api/types'

/** What parts say, each part that differs from picture to picture in ‹ ›. */
export function sayingOf(parts: NamePart[]): string {
  return parts
    .map((part) => {
      if (part.part === 'text') return part.text ?? ''
      return `‹${part.part === 'column' ? part.column : part.part?.replace('-', ' ')}›`
    })
    .join('')
    .trim()
}
