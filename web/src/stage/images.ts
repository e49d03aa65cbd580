import { refusedBy } from '../api/client'

const KEPT = 24
const kept = new Map<string, Promise<ImageBitmap>>()

/** A picture by its address, decoded off the main thread; the last few are kept. */
export function imageAt(address: string): Promise<ImageBitmap> {
  const known = kept.get(address)
  if (known) {
    kept.delete(address)
    kept.set(address, known)
    return known
  }
  const loading = load(address)
  kept.set(address, loading)
  loading.catch(() => kept.delete(address))
  while (kept.size > KEPT) {
    const oldest = kept.keys().next().value
    if (oldest === undefined) break
    kept.delete(oldest)
  }
  return loading
}

async function load(address: string): Promise<ImageBitmap> {
  const response = await fetch(address)
  if (!response.ok) {
    throw refusedBy(await response.json().catch(() => undefined), response.status)
  }
  return createImageBitmap(await response.blob())
}
