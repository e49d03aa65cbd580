import { useQueryClient } from '@tanstack/vue-query'
import { api, need } from '../../api/client'
import type { KeptLook } from '../../api/types'
import { chosenFile, saveFrom } from '../../shell/chosenFile'

/** Looks as files, out and in. */
export function useLookFiles() {
  const client = useQueryClient()

  function save(lookId: number) {
    saveFrom(`/api/v1/looks/${lookId}/file`)
  }

  /** Null when no file was chosen. */
  async function take(): Promise<KeptLook | null> {
    const file = await chosenFile()
    if (file === null) return null
    const text = await file.text()
    const kept = (await need(
      api.POST('/api/v1/looks', {
        body: text as never,
        bodySerializer: (body: unknown) => body as string,
        headers: { 'Content-Type': 'application/json' },
      }),
    )) as KeptLook
    await client.invalidateQueries({ queryKey: ['looks'] })
    return kept
  }

  return { save, take }
}
