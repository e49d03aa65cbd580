import type { EdgeSettings, EditData } from '../../api/types'

const HINTS = { subject: 'subject', backdrop: 'backdrop', mixed: 'mixed edge' }
const EDGE_WORDS: [keyof EdgeSettings, string][] = [
  ['fitPx', 'fitted'],
  ['growPx', 'grown'],
  ['firmness', 'firmer'],
  ['featherPx', 'feathered'],
  ['smoothPx', 'smoothed'],
  ['clean', 'colours cleaned'],
  ['hazeBelow', 'haze removed'],
  ['closePx', 'pinholes closed'],
  ['openPx', 'gaps opened'],
  ['hard', 'hard'],
]

/** The drawing that stands for an edit. */
export function iconOf(edit: EditData): string {
  const kind = edit.kind ?? 'brush'
  if (kind === 'hint' && edit.box) return 'subject'
  return kind === 'brush' || kind === 'settle' ? (edit.mode ?? 'erase') : kind
}

/** An edit in a few words. */
export function titleOf(edit: EditData): string {
  const erase = edit.mode === 'erase'
  switch (edit.kind ?? 'brush') {
    case 'brush':
      return `${erase ? 'Erase' : 'Restore'}${edit.edgeAware ? ', follows edges' : ''}`
    case 'strand':
      return 'Strand'
    case 'pick':
      return `Colour ${erase ? 'erased' : 'kept'}${edit.everywhere ? ', everywhere' : ''}`
    case 'area':
      return `Shape ${erase ? 'erased' : 'restored'}`
    case 'settle':
      return erase ? 'Mend: taken away' : 'Mend: brought back'
    case 'hint':
      if (edit.box) return `In a box: ${edit.mode === 'subject' ? 'brought back' : 'taken away'}`
      return `Hint: ${HINTS[edit.mode as keyof typeof HINTS] ?? ''}`
    case 'trace':
      return 'Traced line'
    case 'edge':
      return 'Edge'
    case 'take':
      return 'Taken from another version'
    case 'subject':
      return `Subject ${erase ? 'taken away' : 'added'}`
    default:
      return 'Edit'
  }
}

/** Settings for the outline, short. */
export function edgeWords(edit: EditData): string {
  const grown = edit.edge?.growPx ?? 0
  return EDGE_WORDS.filter(([name]) => edit.edge?.[name])
    .map(([name, word]) =>
      name === 'growPx' ? `${Math.abs(grown)} px ${grown < 0 ? 'in' : 'out'}` : word,
    )
    .join(', ')
}

const sizeOf = (edit: EditData) => `${edit.box?.[2]} × ${edit.box?.[3]} px`

/** Its settings, short. */
export function detailsOf(edit: EditData): string {
  const inside = edit.within ? ', inside a shape' : ''
  switch (edit.kind ?? 'brush') {
    case 'pick': {
      const count = edit.samples?.length ?? 0
      const within = Math.round((edit.samples?.[0]?.tolerance ?? 0) * 100)
      return `${count === 1 ? `within ${within}` : `${count} colours`}${edit.inverted ? ', all but' : ''}${inside}`
    }
    case 'trace':
      return `${edit.fromPx} to ${edit.toPx} px${inside}`
    case 'edge':
      return `${edgeWords(edit)}${inside || ', whole outline'}`
    case 'settle':
      return `as proposed${inside}`
    case 'area':
      return `${edit.area?.parts?.length ?? 0} ${edit.area?.parts?.length === 1 ? 'shape' : 'shapes'}`
    case 'take':
      return `version ${edit.versionId}`
    case 'subject':
      return sizeOf(edit)
    default: {
      if (edit.box) return `${sizeOf(edit)}${inside}`
      const soft = edit.softness ? `, softness ${Math.round(edit.softness * 100)}` : ''
      return `${edit.sizePx} px${soft}${inside}`
    }
  }
}
