import { shallowRef } from 'vue'

/** What happened last, and the way back where there is one. */
export interface LastWord {
  sentence: string
  /** It did not happen, and somebody should know why. */
  trouble?: boolean
  /** Says what the way back is called, and goes it. */
  back?: { label: string; go: () => void }
}

/** Stays until something else is said: nobody has to be quick to read it, or to take it back. */
export function useLastWord() {
  const word = shallowRef<LastWord | null>(null)
  return { word, say: (next: LastWord | null) => (word.value = next) }
}

export type Say = ReturnType<typeof useLastWord>['say']
