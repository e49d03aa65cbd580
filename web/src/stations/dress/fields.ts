import type { Kind } from '../../look/look'

/** A number of a part as a row: name, slider, value. */
export type NumberField = {
  of: string
  label: string
  low: number
  high: number
  step: number
  unit: string
  /** What an arrow key is worth with Shift held. */
  hint?: string
}

const percent = (of: string, label: string, high = 100, step = 1, low = 0): NumberField => ({
  of,
  label,
  low,
  high,
  step,
  unit: '%',
})
const both = (of: string, label: string): NumberField => ({
  of,
  label,
  low: -100,
  high: 100,
  step: 1,
  unit: '',
})

/** The numbers of every kind of part, in the order in which people ask for them. */
export const NUMBERS: Partial<Record<Kind, NumberField[]>> = {
  'cast-shadow': [
    percent('length', 'Length', 150),
    percent('strength', 'Strength'),
    percent('softness', 'Softness', 6, 0.1),
    percent('softerAway', 'Softer away'),
  ],
  'contact-shadow': [
    percent('strength', 'Strength'),
    percent('reach', 'Reach', 20, 0.5, 0.5),
    percent('softness', 'Softness', 6, 0.1),
  ],
  'drop-shadow': [
    percent('x', 'To the right', 20, 0.5, -20),
    percent('y', 'Down', 20, 0.5, -20),
    percent('blur', 'Softness', 12, 0.1),
    percent('strength', 'Strength'),
  ],
  'own-shadow': [percent('strength', 'Strength', 200)],
  reflection: [
    percent('strength', 'Strength'),
    percent('fade', 'Gone after', 100, 1, 1),
    percent('blur', 'Blur', 6, 0.1),
  ],
  outline: [percent('width', 'Width', 5, 0.05, 0.05), percent('softness', 'Softness', 5, 0.1)],
  tone: [
    both('brightness', 'Brightness'),
    both('contrast', 'Contrast'),
    both('warmth', 'Warmth'),
    both('saturation', 'Saturation'),
    both('highlights', 'Highlights'),
    both('shadows', 'Shadows'),
    percent('balance', 'Balance'),
  ],
  picture: [percent('opacity', 'Opacity')],
  frame: [
    percent('round', 'Corners', 50, 0.5),
    percent('inset', 'Inset', 20, 0.5),
    percent('line', 'Line', 5, 0.1),
  ],
}
