/** A browser's local storage in memory, for tests that run without a browser. */
export function storageInMemory(): Storage {
  const kept = new Map<string, string>()
  return {
    get length() {
      return kept.size
    },
    clear: () => kept.clear(),
    getItem: (name) => kept.get(name) ?? null,
    key: (index) => [...kept.keys()][index] ?? null,
    removeItem: (name) => void kept.delete(name),
    setItem: (name, value) => void kept.set(name, value),
  }
}
