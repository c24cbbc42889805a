// A large picture to be moved about in: painted in tiles, each once at a scale, a few in each frame.
import type { Box } from '~~/core/geometry/polygon'

/** How wide and high a tile is, in pixels. */
const TILE = 256
/** Longer than this no frame goes on painting tiles. */
const MAX_MS = 7
/** More than this are not kept. */
const MAX_TILES = 160

/** Where the picture lies in a window: pixels to the inch, and its corner in the window. */
export interface TileView {
  scale: number
  left: number
  top: number
}

/** Paints what lies in a tile; pixels are those of the whole picture at that scale. */
export type TilePainter = (context: CanvasRenderingContext2D, scale: number, tile: Box) => void

interface TilePlace {
  column: number
  row: number
}

interface Level {
  scale: number
  tiles: Map<string, TilePlace & { canvas: HTMLCanvasElement }>
}

/**
 * Of a picture of `width` by `height` inches. `draw` puts into the window what is
 * painted already and paints more, nearest the middle first, for as long as a frame may take; it says whether anything
 * is missing still. While the scale changes from frame to frame, what was painted before is shown larger or smaller;
 * in a window that has not moved, what another picture left there stays until it is painted over.
 */
export class TiledPicture {
  private level: Level = { scale: 0, tiles: new Map() }
  private before: Level = this.level

  constructor(
    private readonly paint: TilePainter,
    private readonly width: number,
    private readonly height: number,
  ) {}

  draw(
    context: CanvasRenderingContext2D,
    view: TileView,
    { isScaling, hasMoved }: { isScaling: boolean; hasMoved: boolean },
  ): boolean {
    const { width: across, height: down } = context.canvas
    if (view.scale !== this.level.scale && !(isScaling && this.level.tiles.size > 0)) {
      if (this.level.tiles.size > 0) this.before = this.level
      this.level = { scale: view.scale, tiles: new Map() }
    }
    const missing = this.level.scale === view.scale ? this.missing(view, across, down) : []
    if (hasMoved || missing.length === 0) context.clearRect(0, 0, across, down)
    if (missing.length > 0) copyLevel(context, this.before, view)
    copyLevel(context, this.level, view)
    const until = performance.now() + MAX_MS
    let painted = 0
    while (painted < missing.length && (painted === 0 || performance.now() < until)) {
      const place = missing[painted]!
      const tile = { ...place, canvas: this.paintTile(place) }
      this.level.tiles.set(nameOf(place), tile)
      copyTile(context, tile.canvas, place, view, 1)
      painted += 1
    }
    this.forget()
    return painted < missing.length
  }

  private paintTile({ column, row }: TilePlace): HTMLCanvasElement {
    const tile = document.createElement('canvas')
    tile.width = tile.height = TILE
    const context = tile.getContext('2d')!
    // patterns go on from tile to tile
    context.translate(-column * TILE, -row * TILE)
    this.paint(context, this.level.scale, { x: column * TILE, y: row * TILE, width: TILE, height: TILE })
    return tile
  }

  /** Tiles that the window shows and that are not painted, nearest its middle first. */
  private missing({ scale, left, top }: TileView, across: number, down: number): TilePlace[] {
    const first = (from: number) => Math.floor(Math.max(0, from) / TILE)
    const last = (to: number, size: number) => Math.ceil(Math.min(size * scale, to) / TILE)
    const found: (TilePlace & { away: number })[] = []
    for (let row = first(-top); row < last(down - top, this.height); row++) {
      for (let column = first(-left); column < last(across - left, this.width); column++) {
        if (this.level.tiles.has(nameOf({ column, row }))) continue
        const [x, y] = [left + (column + 0.5) * TILE - across / 2, top + (row + 0.5) * TILE - down / 2]
        found.push({ column, row, away: Math.hypot(x, y) })
      }
    }
    return found.sort((a, b) => a.away - b.away)
  }

  /** Those painted longest ago go first. */
  private forget(): void {
    for (const name of this.level.tiles.keys()) {
      if (this.level.tiles.size <= MAX_TILES) return
      this.level.tiles.delete(name)
    }
  }
}

function nameOf({ column, row }: TilePlace): string {
  return `${column} ${row}`
}

function copyLevel(context: CanvasRenderingContext2D, { scale, tiles }: Level, view: TileView): void {
  for (const { canvas, ...place } of tiles.values()) copyTile(context, canvas, place, view, view.scale / scale)
}

function copyTile(
  context: CanvasRenderingContext2D,
  tile: HTMLCanvasElement,
  { column, row }: TilePlace,
  { left, top }: TileView,
  larger: number,
): void {
  const side = TILE * larger
  const [x, y] = [left + column * side, top + row * side]
  const { width, height } = context.canvas
  if (x > width || y > height || x + side < 0 || y + side < 0) return
  if (larger === 1) context.drawImage(tile, Math.round(x), Math.round(y))
  else context.drawImage(tile, x, y, side, side)
}
