import { union, type Box, type Size } from '../../../stage/box'
import type { View } from '../../../stage/view'
import type { Pixels, TileSource } from './fetchTile'
import {
  boxOf,
  keyOf,
  levelFor,
  levelSizes,
  meet,
  offLevel,
  onLevel,
  placesIn,
  seenThrough,
  type Place,
} from './grid'
import type { BrushShape } from './strokeMask'
import { Tile, type TileBefore } from './Tile'

const MOST_TILES = 44
const MOST_AT_ONCE = 6
const MOST_REMEMBERED = 48
const TRY_AGAIN_MS = 1500
const BEHIND_MS = 400

interface PlainStroke extends BrushShape {
  mode: string
  points: number[]
}

/** A picture that shows something else for a while, such as how an edit would look. */
export interface Trial {
  level: number
  box: Box
  canvas: HTMLCanvasElement
}

/**
 * The picture under the retoucher's hands, tile by tile: only what is seen is here, at the size at
 * which it is seen. Plain strokes are painted here at once and are the server's to the byte; of
 * everything else the server says where it has changed something, and those tiles are fetched anew.
 */
export class TileBoard {
  readonly sizes: Size[]
  trial: Trial | null = null
  private readonly tiles = new Map<string, Tile>()
  private readonly loading = new Set<string>()
  private readonly stale = new Set<string>()
  private waiting: Place[] = []
  /** Strokes that are painted here and not yet known to be on the server. */
  private readonly unsaved = new Map<string, PlainStroke>()
  /** What tiles showed before an edit, so that undo is instant. */
  private readonly before = new Map<string, Map<string, TileBefore>>()
  private live: { stroke: PlainStroke; level: number } | null = null
  private newest = ''
  /** What is looked at, by whom: the stage, and the loupe. */
  private readonly seen = new Map<string, { view: View; stage: Size }>()

  /**
   * @param state the server's state to begin with
   * @param redraw called when something came that should be drawn
   * @param behind called when the server is in a state that this board has not heard of
   */
  constructor(
    readonly picture: Size,
    private readonly source: TileSource,
    public state: string,
    private readonly redraw: (box?: Box) => void,
    private readonly behind: () => void = () => undefined,
  ) {
    this.sizes = levelSizes(picture)
  }

  level(scale: number): number {
    return levelFor(scale, this.sizes.length)
  }

  /** True when all that is seen is here, in the newest state. */
  get complete(): boolean {
    return this.seen.size > 0 && this.missing().length === 0
  }

  tile(place: Place): Tile | undefined {
    const key = keyOf(place)
    const tile = this.tiles.get(key)
    if (tile) {
      this.tiles.delete(key)
      this.tiles.set(key, tile)
    }
    return tile
  }

  /** Tiles that a stage, or whoever looks, shows now; fetches what is missing. */
  show(view: View, stage: Size, who = 'stage'): Place[] {
    this.seen.set(who, { view: { ...view } as View, stage })
    this.fetchMissing()
    return placesIn(seenThrough(view, stage, this.picture), this.level(view.scale), this.sizes)
  }

  /** Whoever it was looks no more. */
  close(who: string) {
    this.seen.delete(who)
  }

  /** All that is looked at, and the coarsest level, which stands in for what is not here yet. */
  private wanted(): Place[] {
    const coarsest = this.sizes.length - 1
    const all = placesIn({ x: 0, y: 0, ...this.picture }, coarsest, this.sizes)
    for (const { view, stage } of this.seen.values()) {
      const part = seenThrough(view, stage, this.picture)
      all.push(...placesIn(part, this.level(view.scale), this.sizes))
    }
    return all
  }

  private missing(): Place[] {
    return this.wanted().filter((place) => {
      const key = keyOf(place)
      return !this.tiles.has(key) || this.stale.has(key)
    })
  }

  private fetchMissing() {
    this.waiting = this.missing().filter((place) => !this.loading.has(keyOf(place)))
    while (this.loading.size < MOST_AT_ONCE) {
      const place = this.waiting.shift()
      if (!place) return
      void this.fetch(place)
    }
  }

  private async fetch(place: Place) {
    const key = keyOf(place)
    this.loading.add(key)
    try {
      const known = this.tiles.get(key)
      const [photo, cutout] = await Promise.all([
        known ? null : this.source.photograph(place),
        this.source.cutout(place, this.state),
      ])
      if (cutout.state === this.state) {
        this.take(place, photo, cutout.pixels)
      } else {
        // Somebody else has made an edit, or an answer is under way: it is asked for once more.
        if (!known && photo) this.take(place, photo, cutout.pixels, true)
        this.behind()
        await new Promise((done) => setTimeout(done, BEHIND_MS))
      }
    } catch {
      await new Promise((done) => setTimeout(done, TRY_AGAIN_MS))
    } finally {
      this.loading.delete(key)
      this.fetchMissing()
    }
  }

  private take(place: Place, photo: Pixels | null, pixels: Pixels, outOfDate = false) {
    const key = keyOf(place)
    const box = boxOf(place, this.sizes)
    let tile = this.tiles.get(key)
    if (tile) {
      const before = tile.take(pixels, this.state)
      if (this.newest !== '') this.remember(this.newest, key, before)
    } else if (photo) {
      tile = new Tile(box, photo, pixels, this.state)
      this.tiles.set(key, tile)
      this.makeRoom()
    }
    if (outOfDate) this.stale.add(key)
    else this.stale.delete(key)
    if (tile) for (const stroke of this.unsaved.values()) replay(tile, place.level, stroke)
    if (tile && this.live) {
      replay(tile, place.level, this.live.stroke, false)
    }
    this.redraw(offLevel(box, place.level))
  }

  private makeRoom() {
    const wanted = new Set(this.wanted().map(keyOf))
    for (const key of this.tiles.keys()) {
      if (this.tiles.size <= MOST_TILES) return
      if (wanted.has(key)) continue
      this.tiles.delete(key)
      this.stale.delete(key)
    }
  }

  /**
   * The server's pixels are in another state now.
   *
   * @param changed where, in pixels of the picture; null = nowhere
   * @param edit the edit that brought it about, for undo
   */
  changed(changed: Box | null, state: string, edit: string) {
    this.state = state
    this.newest = edit
    for (const [key, tile] of this.tiles) {
      const [level = '0'] = key.split('/')
      if (changed && meet(onLevel(changed, Number(level)), tile.box)) this.stale.add(key)
      else if (!this.stale.has(key)) tile.state = state
    }
    this.fetchMissing()
    if (this.trial) {
      this.trial = null
      this.redraw()
    }
  }

  begin(stroke: Omit<PlainStroke, 'points'>, x: number, y: number, scale: number): Box | null {
    this.live = { stroke: { ...stroke, points: [x, y] }, level: this.level(scale) }
    return this.paint(x, y, x, y)
  }

  extend(x: number, y: number): Box | null {
    const points = this.live?.stroke.points
    if (!points) return null
    const ax = points.at(-2) ?? x
    const ay = points.at(-1) ?? y
    points.push(x, y)
    return this.paint(ax, ay, x, y)
  }

  private paint(ax: number, ay: number, bx: number, by: number): Box | null {
    if (!this.live) return null
    const { stroke, level } = this.live
    let all: Box | null = null
    for (const [key, tile] of this.tiles) {
      if (!key.startsWith(`${level}/`)) continue
      const box = segment(tile, level, stroke, ax, ay, bx, by)
      if (box) all = all ? union(all, box) : box
    }
    return all && offLevel(all, level)
  }

  /** Ends the stroke under its key; other levels get it from the server. */
  end(key: string) {
    if (!this.live) return
    const { stroke } = this.live
    this.unsaved.set(key, stroke)
    for (const [tileKey, tile] of this.tiles) {
      const before = tile.settle()
      if (before) this.remember(key, tileKey, before)
    }
    this.live = null
  }

  /** The server has the stroke now. */
  saved(key: string) {
    this.unsaved.delete(key)
  }

  private remember(edit: string, tile: string, before: TileBefore) {
    const ofEdit = this.before.get(edit) ?? new Map<string, TileBefore>()
    // The first is what was there before the edit; what comes later is the edit's own correction.
    if (!ofEdit.has(tile)) ofEdit.set(tile, before)
    this.before.set(edit, ofEdit)
    let count = [...this.before.values()].reduce((sum, tiles) => sum + tiles.size, 0)
    for (const [oldest, tiles] of this.before) {
      if (count <= MOST_REMEMBERED || oldest === edit) return
      count -= tiles.size
      this.before.delete(oldest)
    }
  }

  /** Shows at once what was there before an edit, as far as that is remembered. */
  takeBack(edit: string) {
    this.unsaved.delete(edit)
    for (const [key, before] of this.before.get(edit) ?? []) {
      const tile = this.tiles.get(key)
      if (tile) {
        tile.put(before)
        this.redraw(offLevel(before.box, Number(key.split('/')[0])))
      }
    }
    this.before.delete(edit)
  }

  /** A look at how an edit would come out; null ends it. */
  try(trial: Trial | null) {
    this.trial = trial
    this.redraw()
  }
}

function segment(
  tile: Tile,
  level: number,
  stroke: PlainStroke,
  ax: number,
  ay: number,
  bx: number,
  by: number,
): Box | null {
  const by2 = 1 << level
  const brush = {
    sizePx: stroke.sizePx / by2,
    softness: stroke.softness,
    strength: stroke.strength,
  }
  return tile.paint(stroke.mode, brush, ax / by2, ay / by2, bx / by2, by / by2)
}

/** A whole stroke on one tile, as when it came after the stroke was made. */
export function replay(tile: Tile, level: number, stroke: PlainStroke, settle = true) {
  const { points } = stroke
  let ax = points[0] ?? 0
  let ay = points[1] ?? 0
  segment(tile, level, stroke, ax, ay, ax, ay)
  for (let k = 2; k + 1 < points.length; k += 2) {
    const bx = points[k] ?? 0
    const by = points[k + 1] ?? 0
    segment(tile, level, stroke, ax, ay, bx, by)
    ax = bx
    ay = by
  }
  if (settle) tile.settle()
}
