import { inject, provide, type ComputedRef, type InjectionKey, type Ref } from 'vue'
import type { Batch, Picture } from '../api/types'

/** What every station of a batch shares: the batch, its pictures, and which one is selected. */
export interface BatchBench {
  batchId: Ref<number>
  batch: ComputedRef<Batch | undefined>
  pictures: ComputedRef<Picture[]>
  selectedId: Ref<number | null>
  selected: ComputedRef<Picture | undefined>
  loaded: ComputedRef<boolean>
  /** Reads the pictures now; before, whoever is asked first may be waiting for something else. */
  readPictures: () => void
}

const KEY: InjectionKey<BatchBench> = Symbol('batch')

export function provideBench(bench: BatchBench) {
  provide(KEY, bench)
}

export function useBench(): BatchBench {
  const bench = inject(KEY)
  if (!bench) throw new Error('stations stand inside the batch shell')
  return bench
}
