import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { EditData } from '../../api/types'

/** An edit that is not known to be on the server. */
export interface Unsent {
  clientKey: string
  edit: EditData
  baseVersionId: number | null
}

interface Kept extends Unsent {
  pictureId: number
  /** In which order they were made, by the browser's clock. */
  at: number
}

interface Schema extends DBSchema {
  edits: { key: string; value: Kept; indexes: { picture: number } }
}

let opening: Promise<IDBPDatabase<Schema>> | undefined

function database() {
  opening ??= openDB<Schema>('able-batch-unsent', 1, {
    upgrade(db) {
      db.createObjectStore('edits', { keyPath: 'clientKey' }).createIndex('picture', 'pictureId')
    },
  })
  return opening
}

/**
 * Edits that wait for the server, kept on the browser's disk. Local storage is written there only
 * seconds later, so a browser that is killed would lose the last strokes; a strict transaction is
 * on the disk when it ends.
 */
export function unsentOf(pictureId: number) {
  /** The order in which they are written is the order of the hand. */
  let tail: Promise<unknown> = Promise.resolve()

  function inTurn(write: (db: IDBPDatabase<Schema>) => Promise<unknown>) {
    // A full or forbidden store: the edit is still on its way to the server.
    tail = tail.then(async () => write(await database())).catch(() => undefined)
  }

  async function all(): Promise<Unsent[]> {
    try {
      await tail
      const kept = await (await database()).getAllFromIndex('edits', 'picture', pictureId)
      return kept
        .sort((a, b) => a.at - b.at)
        .map(({ clientKey, edit, baseVersionId }) => ({ clientKey, edit, baseVersionId }))
    } catch {
      return []
    }
  }

  function add(one: Unsent) {
    // What is handed over is still being changed by the hand; this is how it is now.
    const now = JSON.parse(JSON.stringify(one)) as Unsent
    const at = performance.timeOrigin + performance.now()
    inTurn(async (db) => {
      const { store, done } = db.transaction('edits', 'readwrite', { durability: 'strict' })
      const before = await store.get(one.clientKey)
      await store.put({ ...now, pictureId, at: before?.at ?? at })
      await done
    })
  }

  return { all, add, remove: (clientKey: string) => inTurn((db) => db.delete('edits', clientKey)) }
}
