import { defineStore } from 'pinia'
import { computed, reactive } from 'vue'
import { refusedBy, sentenceOf } from './client'
import type { IntakeResult } from './types'

const FILES_AT_ONCE = 3

export interface Upload {
  key: number
  batchId: number
  file: File
  /** The file's own, or that of one file inside a ZIP. */
  name: string
  inArchive?: boolean
  state: 'waiting' | 'sending' | 'taken' | 'refused'
  problem?: string
  duplicateOf?: number
}

/**
 * Files on their way to the server. Each goes in a request of its own, a few at a time, so that one
 * bad file or one lost connection never costs another; they go on while stations change.
 */
export const useUploads = defineStore('uploads', () => {
  const all = reactive<Upload[]>([])
  let key = 0
  let running = 0

  function add(batchId: number, files: File[]) {
    for (const file of files) {
      all.push({ key: key++, batchId, file, name: file.name, state: 'waiting' })
    }
    pump()
  }

  function pump() {
    while (running < FILES_AT_ONCE) {
      const next = all.find((u) => u.state === 'waiting')
      if (!next) return
      running++
      next.state = 'sending'
      void send(next, false).finally(() => {
        running--
        pump()
      })
    }
  }

  async function send(upload: Upload, keepDuplicates: boolean) {
    try {
      const form = new FormData()
      form.append('files', upload.file, upload.file.name)
      const response = await fetch(
        `/api/v1/batches/${upload.batchId}/pictures?keepDuplicates=${keepDuplicates}`,
        { method: 'POST', body: form },
      )
      const body: unknown = await response.json().catch(() => undefined)
      if (!response.ok) throw refusedBy(body, response.status)
      settle(upload, body as IntakeResult[])
    } catch (error) {
      upload.state = 'refused'
      upload.problem =
        error instanceof TypeError
          ? 'The connection was lost while this file was sent. Try it again.'
          : sentenceOf(error)
    }
  }

  /** A ZIP is replaced by what was in it. */
  function settle(upload: Upload, results: IntakeResult[]) {
    const inside = results.map((result, i): Upload => ({
      key: i === 0 ? upload.key : key++,
      batchId: upload.batchId,
      file: upload.file,
      name: result.fileName ?? upload.file.name,
      inArchive: /\.zip$/i.test(upload.file.name),
      state: result.problem ? 'refused' : 'taken',
      problem: result.problem,
      duplicateOf: result.duplicateOf,
    }))
    all.splice(all.indexOf(upload), 1, ...inside)
  }

  function again(upload: Upload, keepDuplicates: boolean) {
    upload.state = 'sending'
    void send(upload, keepDuplicates)
  }

  function forget(batchId: number) {
    for (let i = all.length - 1; i >= 0; i--) {
      const upload = all[i]
      if (upload?.batchId === batchId && (upload.state === 'taken' || upload.state === 'refused')) {
        all.splice(i, 1)
      }
    }
  }

  const ofBatch = computed(() => (id: number) => all.filter((u) => u.batchId === id))

  return { add, again, forget, ofBatch }
})
