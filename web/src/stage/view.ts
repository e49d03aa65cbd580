import { reactive } from 'vue'
import type { Size } from './box'

const LARGEST_SCALE = 32
const AIR_PX = 24
const PART_SHARE = 0.45
const LEAST_PART_PX = 60
const MOST_CLOSE = 6

/** A place of a picture, in its pixels; all four null = none. */
export interface Part {
  x: number | null
  y: number | null
  width: number | null
  height: number | null
}

/** Where a picture stands on the screen: screen = picture × scale + offset, in CSS pixels. */
export class View {
  scale = 1
  x = 0
  y = 0
  /** True until somebody zooms or pans: the picture then follows the window's size. */
  fitted = true
  private picture: Size = { width: 1, height: 1 }
  private viewport: Size = { width: 1, height: 1 }

  setPicture(size: Size) {
    this.picture = size
    this.fit()
  }

  setViewport(size: Size) {
    this.viewport = size
    if (this.fitted) this.fit()
  }

  /** The part of the screen that it is shown on. */
  get stage(): Size {
    return this.viewport
  }

  get fitScale(): number {
    return Math.min(
      (this.viewport.width - AIR_PX) / this.picture.width,
      (this.viewport.height - AIR_PX) / this.picture.height,
      4,
    )
  }

  fit() {
    this.scale = Math.max(0.001, this.fitScale)
    this.x = (this.viewport.width - this.picture.width * this.scale) / 2
    this.y = (this.viewport.height - this.picture.height * this.scale) / 2
    this.fitted = true
  }

  zoomTo(scale: number, screenX: number, screenY: number) {
    const next = Math.min(LARGEST_SCALE, Math.max(Math.min(0.02, this.fitScale), scale))
    this.x = screenX - ((screenX - this.x) / this.scale) * next
    this.y = screenY - ((screenY - this.y) / this.scale) * next
    this.scale = next
    this.fitted = false
  }

  pan(dx: number, dy: number) {
    this.x += dx
    this.y += dy
    this.fitted = false
  }

  /** Between the whole picture and one picture pixel per screen pixel, around the given place. */
  toggleFit(screenX = this.viewport.width / 2, screenY = this.viewport.height / 2) {
    if (this.fitted) this.zoomTo(1 / window.devicePixelRatio, screenX, screenY)
    else this.fit()
  }

  /** Brings a part of the picture close, with its surroundings, in the middle of the screen. */
  showPart(part: Part) {
    if (part.x === null || part.y === null || part.width === null || part.height === null) return
    const side = Math.max(part.width, part.height, LEAST_PART_PX)
    const room = Math.min(this.viewport.width, this.viewport.height)
    const scale = Math.min(MOST_CLOSE, Math.max(this.fitScale, (room * PART_SHARE) / side))
    this.scale = scale
    this.x = this.viewport.width / 2 - (part.x + part.width / 2) * scale
    this.y = this.viewport.height / 2 - (part.y + part.height / 2) * scale
    this.fitted = false
  }

  toPicture(screenX: number, screenY: number) {
    return { x: (screenX - this.x) / this.scale, y: (screenY - this.y) / this.scale }
  }
}

export function useView(): View {
  return reactive(new View()) as View
}
