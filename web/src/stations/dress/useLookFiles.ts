import { useQueryClient } from '@tanstack/vue-query'
import { api, need } from '../../api/client'
import type { KeptLook } from '../../api/types'

/** Looks as files, out and in. */
export function useLookFiles() {
  const client = useQueryClient()

  function save(lookId: number) {
    const link = document.createElement('a')
    link.href = `/api/v1/looks/${lookId}/file`
    link.download = ''
    link.click()
  }

  /** Null when no file was chosen. */
  async function take(): Promise<KeptLook | null> {
    const text = await chosenText()
    if (text === null) return null
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

function chosenText(): Promise<string | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input')
    input.type = 'file'
    input.accept = '.json,application/json'
    input.onchange = () => {
      const file = input.files?.[0]
      if (file) void file.text().then(resolve)
      else resolve(null)
    }
    input.oncancel = () => resolve(null)
    input.click()
  })
}
