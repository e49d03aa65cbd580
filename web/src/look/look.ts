/** A look as it stands in a look file: parts in the order in which they are laid over each other. */

export type Stop = { at: number; colour: string }
export type Fill =
  | { kind: 'none' }
  | { kind: 'colour'; colour: string }
  | { kind: 'gradient'; spread: 'linear' | 'radial'; angle: number; stops: Stop[] }
  | { kind: 'sweep'; wall: string; floor: string; behind: number; softness: number }
  | {
      kind: 'picture'
      picture: string
      fit: 'cover' | 'contain' | 'tile'
      focusX: number
      focusY: number
      size: number
      blur: number
      brightness: number
    }
  | { kind: 'photograph'; blur: number; colour: number; brightness: number }

export type Word =
  | { kind: 'words'; text: string }
  | { kind: 'code' }
  | { kind: 'group' }
  | { kind: 'file-name' }
  | { kind: 'column'; name: string }

export type Box = { x: number; y: number; width: number; height: number }

export type Reference = {
  of: string
  meanL: number
  meanA: number
  meanB: number
  spreadL: number
  spreadA: number
  spreadB: number
}

export type Lettering = {
  kind: 'text'
  words: Word[]
  box: Box
  family: string
  bold: boolean
  size: number
  least: number
  colour: string
  across: 'left' | 'centre' | 'right'
  down: 'top' | 'middle' | 'bottom'
  lineHeight: number
  spacing: number
  opacity: number
  shadow: boolean
  plate: { colour: string; padding: number; round: number; opacity: number } | null
}

export type SubjectPlace = {
  kind: 'subject'
  size: 'margin' | 'width' | 'height' | 'area'
  percent: number
  stand: 'centre' | 'floor' | 'top'
  floor: number
  x: number
  y: number
  rotate: number
  flip: boolean
  keepCutSides: boolean
}

export type Setting =
  | { kind: 'backdrop'; fill: Fill }
  | {
      kind: 'cast-shadow'
      direction: number
      length: number
      strength: number
      softness: number
      softerAway: number
      colour: string
    }
  | { kind: 'contact-shadow'; strength: number; reach: number; softness: number; colour: string }
  | { kind: 'drop-shadow'; x: number; y: number; blur: number; strength: number; colour: string }
  | { kind: 'own-shadow'; strength: number; elseMade: boolean }
  | { kind: 'reflection'; strength: number; fade: number }
  | SubjectPlace
  | {
      kind: 'outline'
      width: number
      softness: number
      side: 'outside' | 'inside' | 'rim'
      colour: string
    }
  | {
      kind: 'tone'
      brightness: number
      contrast: number
      warmth: number
      saturation: number
      highlights: number
      shadows: number
      match: number
      reference: Reference | null
    }
  | Lettering
  | { kind: 'picture'; picture: string; box: Box; opacity: number }
  | {
      kind: 'frame'
      shape: 'circle' | 'rounded'
      round: number
      inset: number
      line: number
      colour: string
    }

export type Kind = Setting['kind']
export type Part = { id: string; name: string; on: boolean; setting: Setting }

export const FAMILIES = [
  { value: 'atkinson', label: 'Atkinson Hyperlegible' },
  { value: 'noto_sans', label: 'Noto Sans (Greek, Cyrillic)' },
  { value: 'archivo_narrow', label: 'Archivo Narrow' },
  { value: 'oswald', label: 'Oswald' },
  { value: 'bitter', label: 'Bitter' },
  { value: 'lora', label: 'Lora' },
  { value: 'source_serif', label: 'Source Serif' },
  { value: 'caveat', label: 'Caveat' },
]

/** Every kind of part with its name, in the order in which they usually lie. */
export const KINDS: { kind: Kind; label: string; once: boolean }[] = [
  { kind: 'backdrop', label: 'Backdrop', once: true },
  { kind: 'own-shadow', label: 'Own shadow', once: true },
  { kind: 'cast-shadow', label: 'Cast shadow', once: false },
  { kind: 'contact-shadow', label: 'Contact shadow', once: false },
  { kind: 'drop-shadow', label: 'Drop shadow', once: false },
  { kind: 'reflection', label: 'Reflection', once: true },
  { kind: 'subject', label: 'Subject', once: true },
  { kind: 'outline', label: 'Outline', once: false },
  { kind: 'tone', label: 'Tone', once: true },
  { kind: 'picture', label: 'Picture', once: false },
  { kind: 'text', label: 'Text', once: false },
  { kind: 'frame', label: 'Frame', once: true },
]

export const labelOf = (kind: Kind) => KINDS.find((k) => k.kind === kind)?.label ?? kind

export const FILLS: { kind: Fill['kind']; label: string; fresh: () => Fill }[] = [
  { kind: 'none', label: 'None', fresh: () => ({ kind: 'none' }) },
  { kind: 'colour', label: 'Colour', fresh: () => ({ kind: 'colour', colour: '#FFFFFF' }) },
  {
    kind: 'sweep',
    label: 'Sweep',
    fresh: () => ({ kind: 'sweep', wall: '#E9E0CE', floor: '#D3C2A2', behind: 14, softness: 22 }),
  },
  {
    kind: 'gradient',
    label: 'Gradient',
    fresh: () => ({
      kind: 'gradient',
      spread: 'radial',
      angle: 90,
      stops: [
        { at: 0, colour: '#6F7F8C' },
        { at: 100, colour: '#2E3A44' },
      ],
    }),
  },
  {
    kind: 'picture',
    label: 'Picture',
    fresh: () => ({
      kind: 'picture',
      picture: 'linen',
      fit: 'cover',
      focusX: 50,
      focusY: 50,
      size: 40,
      blur: 0,
      brightness: 0,
    }),
  },
  {
    kind: 'photograph',
    label: 'The photograph',
    fresh: () => ({ kind: 'photograph', blur: 3, colour: 100, brightness: 0 }),
  },
]

/** A part of a kind as it comes in. */
export function freshSetting(kind: Kind): Setting {
  switch (kind) {
    case 'backdrop':
      return { kind, fill: { kind: 'colour', colour: '#FFFFFF' } }
    case 'cast-shadow':
      return {
        kind,
        direction: 34,
        length: 42,
        strength: 34,
        softness: 0.8,
        softerAway: 20,
        colour: '#3A2C1E',
      }
    case 'contact-shadow':
      return { kind, strength: 55, reach: 4, softness: 0.9, colour: '#2A1F14' }
    case 'drop-shadow':
      return { kind, x: 1, y: 1.5, blur: 3, strength: 35, colour: '#000000' }
    case 'own-shadow':
      return { kind, strength: 100, elseMade: true }
    case 'reflection':
      return { kind, strength: 30, fade: 35 }
    case 'subject':
      return {
        kind,
        size: 'margin',
        percent: 8,
        stand: 'centre',
        floor: 12,
        x: 0,
        y: 0,
        rotate: 0,
        flip: false,
        keepCutSides: true,
      }
    case 'outline':
      return { kind, width: 0.8, softness: 0, side: 'outside', colour: '#FFFFFF' }
    case 'tone':
      return {
        kind,
        brightness: 0,
        contrast: 0,
        warmth: 0,
        saturation: 0,
        highlights: 0,
        shadows: 0,
        match: 0,
        reference: null,
      }
    case 'text':
      return {
        kind,
        words: [{ kind: 'file-name' }],
        box: { x: 6, y: 86, width: 88, height: 8 },
        family: 'atkinson',
        bold: true,
        size: 5,
        least: 2.4,
        colour: '#1B2333',
        across: 'left',
        down: 'top',
        lineHeight: 115,
        spacing: 0,
        opacity: 100,
        shadow: false,
        plate: null,
      }
    case 'picture':
      return { kind, picture: 'linen', box: { x: 80, y: 4, width: 16, height: 16 }, opacity: 100 }
    case 'frame':
      return { kind, shape: 'rounded', round: 6, inset: 0, line: 0, colour: '#FFFFFF' }
  }
}

/** Where a new part of a kind goes: behind the first part that usually lies before it. */
export function placeFor(parts: Part[], kind: Kind): number {
  const rank = (k: Kind) => KINDS.findIndex((known) => known.kind === k)
  const next = parts.findIndex((part) => rank(part.setting.kind) > rank(kind))
  return next < 0 ? parts.length : next
}

/** A part's id that its look does not have yet. */
export function freeId(parts: Part[], kind: Kind): string {
  for (let n = 1; ; n++) {
    const id = n === 1 ? kind : `${kind}-${n}`
    if (!parts.some((part) => part.id === id)) return id
  }
}

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
        s.size === 'margin' ? `${round(s.percent)} % margin` : `${round(s.percent)} % ${s.size}`
      return s.stand === 'floor' ? `${size}, on floor` : size
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

/** The look with a picture's own parts in the places of its. */
export function changedBy(parts: Part[], own: Part[]): Part[] {
  return own.length === 0
    ? parts
    : parts.map((part) => own.find((changed) => changed.id === part.id) ?? part)
}

/** A picture's own parts with one more, or with one in another state. */
export function withPart(own: Part[], part: Part): Part[] {
  return [...own.filter((known) => known.id !== part.id), part]
}
