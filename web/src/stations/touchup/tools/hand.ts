import type { Ref, ShallowRef } from 'vue'
import type { Area, EditData } from '../../../api/types'
import type { Box } from '../../../stage/box'
import type { StagePointer } from '../../../stage/PictureStage.vue'
import type { View } from '../../../stage/view'
import type { TileBoard } from '../board/TileBoard'
import type { BrushSettings } from '../useBrush'
import type { Settings } from './settings'
import type { TrialLook } from './useTrial'

/** What a tool does with the pointer; places are in pixels of the picture. */
export interface Hand {
  press: (at: StagePointer) => void
  move: (at: StagePointer) => void
  release: (at?: StagePointer) => void
}

/** What every tool works with. */
export interface Bench {
  board: ShallowRef<TileBoard | null>
  view: View
  brush: BrushSettings
  settings: Settings
  trial: TrialLook
  /** The area that was drawn; null = none. */
  area: Ref<Area | null>
  /** Keeps an edit, limited to the area when that is wanted; answers its key. */
  keep: (edit: EditData, key?: string) => string
  /** Remembers an edit that is still being made, in case the browser ends before it is kept. */
  draft: (edit: EditData, key: string) => void
  redraw: (part?: Box) => void
}

export interface Point {
  x: number
  y: number
}

/** Hundredths of a pixel are finer than any hand and keep the saved points short. */
export function rounded(v: number): number {
  return Math.round(v * 100) / 100
}

export function pointOf(at: StagePointer): Point {
  return { x: rounded(at.x), y: rounded(at.y) }
}

export function newKey(): string {
  return crypto.randomUUID()
}
