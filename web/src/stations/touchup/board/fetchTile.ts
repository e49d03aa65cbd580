import { refusedBy } from '../../../api/client'
import type { Place } from './grid'

export type Pixels = Uint8ClampedArray<ArrayBuffer>

/** Where a bench's tiles come from. */
export interface TileSource {
  photograph(place: Place): Promise<Pixels>
  cutout(place: Place, state: string): Promise<{ pixels: Pixels; state: string }>
}

async function bytes(address: string): Promise<{ pixels: Pixels; state: string }> {
  const response = await fetch(address)
  if (!response.ok) {
    throw refusedBy(await response.json().catch(() => undefined), response.status)
  }
  return {
    pixels: new Uint8ClampedArray(await response.arrayBuffer()),
    state: response.headers.get('X-State') ?? '',
  }
}

/** Tiles of a picture from the server, as the very bytes that it computes with. */
export function tilesOf(pictureId: number, baseVersionId: number): TileSource {
  const start = `/api/v1/pictures/${pictureId}/bench/${baseVersionId}`
  const end = ({ level, column, row }: Place) => `${level}/${column}/${row}`
  return {
    photograph: async (place) => (await bytes(`${start}/photograph/${end(place)}`)).pixels,
    cutout: (place, state) => bytes(`${start}/cutout/${end(place)}?state=${state}`),
  }
}
