import type { EditData } from '../../api/types'

/** An edit that is not known to be on the server. */
export interface Unsent {
  clientKey: string
  edit: EditData
  baseVersionId: number | null
}

const nameOf = (pictureId: number) => `unsent-edits-${pictureId}`

/** Edits that wait for the server, kept by the browser, so that closing it loses nothing. */
export function unsentOf(pictureId: number) {
  function read(): Unsent[] {
    try {
      return JSON.parse(localStorage.getItem(nameOf(pictureId)) ?? '[]') as Unsent[]
    } catch {
      return []
    }
  }

  function write(all: Unsent[]) {
    try {
      if (all.length === 0) localStorage.removeItem(nameOf(pictureId))
      else localStorage.setItem(nameOf(pictureId), JSON.stringify(all))
    } catch {
      // A full store: the edit is still on its way to the server.
    }
  }

  return {
    all: read,
    add: (one: Unsent) => write([...read().filter((u) => u.clientKey !== one.clientKey), one]),
    remove: (clientKey: string) => write(read().filter((u) => u.clientKey !== clientKey)),
    clear: () => write([]),
  }
}
