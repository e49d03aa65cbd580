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
  size: 'margin' | 'width' | 'height' | 'area' | 'millimetres'
  percent: number
  stand: 'centre' | 'floor' | 'top'
  floor: number
  x: number
  y: number
  rotate: number
  flip: boolean
  keepCutSides: boolean
  /** Of the list, with heights in millimetres. */
  column: string | null
  copies: { count: number; x: number; y: number } | null
}

/** Lightness before and after, percent. */
export type CurvePoint = { at: number; to: number }

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
  | { kind: 'reflection'; strength: number; fade: number; blur: number }
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
      balance: number
      curve: CurvePoint[]
    }
  | Lettering
  | { kind: 'picture'; picture: string; box: Box; opacity: number }
  | {
      kind: 'frame'
      shape: 'circle' | 'rounded' | 'path'
      round: number
      inset: number
      line: number
      colour: string
      path: string | null
    }

export type Kind = Setting['kind']
export type Part = { id: string; name: string; on: boolean; setting: Setting }

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
