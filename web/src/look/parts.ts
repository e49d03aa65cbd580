import type { Fill, Kind, Part, Setting } from './look'

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
      return { kind, strength: 30, fade: 35, blur: 0.4 }
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
        column: null,
        copies: null,
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
        balance: 0,
        curve: [],
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
      return { kind, shape: 'rounded', round: 6, inset: 0, line: 0, colour: '#FFFFFF', path: null }
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
