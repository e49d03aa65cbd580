import type { Ref } from 'vue'
import { api, need } from '../../api/client'
import type { Spec } from '../../api/types'
import { chosenFile, saveFrom } from '../../shell/chosenFile'
import { withoutNames } from '../../spec/spec'

/** Specs as files, out and in. */
export function useSpecFiles(batchId: Ref<number>, specs: Ref<Spec[]>) {
  const save = () => saveFrom(`/api/v1/batches/${batchId.value}/specs.json`)

  /** Those of a name that is there already replace it; the others come behind. */
  async function take() {
    const file = await chosenFile()
    if (!file) return
    const read = (await need(
      api.POST('/api/v1/specs/read', {
        body: file as never,
        bodySerializer: (body: unknown) => body as Blob,
        headers: { 'Content-Type': 'application/octet-stream' },
      }),
    )) as Spec[]
    const taken = read.map(withoutNames)
    const names = new Set(taken.map((spec) => spec.name))
    specs.value = [...specs.value.filter((spec) => !names.has(spec.name)), ...taken]
  }

  return { save, take }
}
