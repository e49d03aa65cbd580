import { useLocalStorage } from '@vueuse/core'
import type { EdgeSettings } from '../../../api/types'

export type ToolName =
  'brush' | 'strand' | 'trace' | 'area' | 'pick' | 'subject' | 'take' | 'hint' | 'edge'
export type Mode = 'erase' | 'restore'
export type HintKind = 'subject' | 'backdrop' | 'mixed'
export type ShapeTool = 'box' | 'ellipse' | 'free' | 'corners' | 'edge'
export type Joining = 'add' | 'subtract' | 'intersect'

export const NO_EDGE: EdgeSettings = {
  fitPx: 0,
  hazeBelow: 0,
  closePx: 0,
  openPx: 0,
  smoothPx: 0,
  growPx: 0,
  firmness: 0,
  featherPx: 0,
  hard: false,
  clean: 0,
}

export function isNoEdge(edge: EdgeSettings): boolean {
  return (Object.keys(NO_EDGE) as (keyof EdgeSettings)[]).every((k) => edge[k] === NO_EDGE[k])
}

const FIRST = {
  mode: 'erase' as Mode,
  followsEdges: false,
  hint: 'subject' as HintKind,
  everywhere: false,
  inverted: false,
  shape: 'box' as ShapeTool,
  joining: 'add' as Joining,
  /** Tools work only inside the area. */
  limit: false,
  featherPx: 0,
  fromPx: 6,
  toPx: 2,
  lineSoftness: 10,
  opacity: 100,
  lineColour: null as string | null,
}

/** What the tools are set to, as it was left, also after closing the window. */
export function useSettings() {
  const kept = useLocalStorage('touch-up-tools', { ...FIRST }, { mergeDefaults: true })
  return kept.value
}

export type Settings = typeof FIRST
