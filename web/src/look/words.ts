import type { Fill, Part, Word } from './look'

export function wordsOf(words: Word[]): string {
  return words
    .map((word) => {
      if (word.kind === 'words') return word.text
      if (word.kind === 'column') return `[${word.name}]`
      return word.kind === 'file-name' ? '[name]' : `[${word.kind}]`
    })
    .join('')
}

const round = (value: number) => String(Math.round(value * 10) / 10)

/** Seen from above: 0 = right, 90 = backwards. */
export function directionWords(direction: number): string {
  const turn = ((direction % 360) + 360) % 360
  const across = turn < 75 || turn > 285 ? 'right' : turn > 105 && turn < 255 ? 'left' : ''
  const along = turn > 15 && turn < 165 ? 'back' : turn > 195 && turn < 345 ? 'front' : ''
  return [across, along].filter(Boolean).join(', ')
}

function fillWords(fill: Fill): string {
  switch (fill.kind) {
    case 'none':
      return 'none'
    case 'colour':
      return fill.colour
    case 'gradient':
      return `${fill.spread}, ${fill.stops.length} colours`
    case 'sweep':
      return `sweep, ${fill.wall}`
    case 'picture':
      return fill.picture.startsWith('own-') ? 'own picture' : fill.picture.replace('-', ' ')
    case 'photograph':
      return fill.colour === 0 ? 'photograph, grey' : 'the photograph'
  }
}

/** A part in a few words. */
export function partWords(part: Part): string {
  const s = part.setting
  if (!part.on) return 'off'
  switch (s.kind) {
    case 'backdrop':
      return fillWords(s.fill)
    case 'cast-shadow':
      return `${directionWords(s.direction)} · ${round(s.length)} %`
    case 'contact-shadow':
    case 'drop-shadow':
    case 'own-shadow':
    case 'reflection':
      return `${round(s.strength)} %`
    case 'subject': {
      const size =
        s.size === 'margin'
          ? `${round(s.percent)} % margin`
          : s.size === 'millimetres'
            ? 'true sizes'
            : `${round(s.percent)} % ${s.size}`
      const times = s.copies ? `${s.copies.count} times, ` : ''
      return times + (s.stand === 'floor' ? `${size}, on floor` : size)
    }
    case 'outline':
      return `${round(s.width)} %, ${s.side}`
    case 'tone':
      return s.match > 0 && s.reference ? `matched to “${s.reference.of}”` : 'by hand'
    case 'text':
      return wordsOf(s.words) || 'empty'
    case 'picture':
      return s.picture.startsWith('own-') ? 'own picture' : s.picture
    case 'frame':
      return s.shape
  }
}

/** Fill of the look as one CSS background, for small samples. */
export function sampleCss(parts: Part[]): string {
  const part = parts.find((p) => p.on && p.setting.kind === 'backdrop')
  const fill = part?.setting.kind === 'backdrop' ? part.setting.fill : { kind: 'none' as const }
  switch (fill.kind) {
    case 'colour':
      return fill.colour
    case 'sweep':
      return `linear-gradient(${fill.wall} 55%, ${fill.floor})`
    case 'gradient': {
      const stops = fill.stops.map((s) => `${s.colour} ${s.at}%`).join(', ')
      return fill.spread === 'radial'
        ? `radial-gradient(${stops})`
        : `linear-gradient(${fill.angle + 90}deg, ${stops})`
    }
    case 'picture':
      return `center / cover url(/api/v1/look-pictures/${fill.picture}/thumbnail.png)`
    case 'photograph':
      return 'repeating-linear-gradient(45deg, #b9c2bd 0 4px, #8d9a93 4px 8px)'
    case 'none':
      return ''
  }
}
