import { defineStore } from 'pinia'
import { computed, reactive } from 'vue'
import { api, need, sentenceOf } from './client'
import { sendFile } from './sendFile'
import type { ServerUpload } from './types'

const FILES_AT_ONCE = 4
/** The first answer comes quickly, so that the first pictures do. */
const FIRST_ANNOUNCED = 40
const ANNOUNCED_AT_ONCE = 1000

/** As people read names: “spade 9” before “spade 10”. */
const byName = new Intl.Collator('en', { numeric: true })

/** A file with the folders that it was dropped in. */
export interface DroppedFile {
  file: File
  path: string
}

interface Sending {
  batchId: number
  file: File
  path: string
  address: string
  sent: number
}

export interface Unsent {
  path: string
  problem: string
}

/** How far one batch's files are. Thousands of files are counted, not looked through. */
export interface Tally {
  files: number
  done: number
  bytes: number
  sentBytes: number
  /** Bytes that were there before this page sent any. */
  thereBefore: number
  beganAt: number
  /** Pictures that uploads had brought in before. */
  takenBefore: number
  announcing: number
  unsent: Unsent[]
}

/**
 * Files on their way to the server. They are announced first and then sent a few at a time, each
 * resumed where it stood when the connection comes back; they go on while stations change. What
 * becomes of them the server says.
 */
export const useUploads = defineStore('uploads', () => {
  const tallies = reactive(new Map<number, Tally>())
  const waiting: Sending[] = []
  let failed: Sending[] = []
  let running = 0

  function tallyOf(batchId: number): Tally {
    const known = tallies.get(batchId)
    if (known) return known
    const fresh: Tally = reactive({
      files: 0,
      done: 0,
      bytes: 0,
      sentBytes: 0,
      thereBefore: 0,
      beganAt: Date.now(),
      takenBefore: 0,
      announcing: 0,
      unsent: [],
    })
    tallies.set(batchId, fresh)
    return fresh
  }

  /**
   * @param takenBefore pictures that uploads have brought into the batch so far
   */
  async function add(batchId: number, dropped: DroppedFile[], takenBefore = 0) {
    if (!tallies.has(batchId)) tallyOf(batchId).takenBefore = takenBefore
    const tally = tallyOf(batchId)
    if (tally.done + tally.unsent.length === tally.files) {
      // Nothing was going on: the pace is that of what comes now.
      tally.beganAt = Date.now()
      tally.thereBefore = tally.sentBytes
    }
    dropped.sort((a, b) => byName.compare(a.path, b.path))
    tally.files += dropped.length
    tally.bytes += dropped.reduce((n, d) => n + d.file.size, 0)
    tally.announcing++
    try {
      let from = 0
      while (from < dropped.length) {
        const to = from + (from === 0 ? FIRST_ANNOUNCED : ANNOUNCED_AT_ONCE)
        await announce(batchId, dropped.slice(from, to))
        from = to
      }
    } finally {
      tally.announcing--
    }
  }

  async function announce(batchId: number, dropped: DroppedFile[]) {
    const tally = tallyOf(batchId)
    let answers: ServerUpload[]
    try {
      answers = (await need(
        api.POST('/api/v1/batches/{id}/uploads', {
          params: { path: { id: batchId } },
          body: {
            files: dropped.map(({ file, path }) => ({
              path,
              bytes: file.size,
              modified: file.lastModified,
            })),
          },
        }),
      )) as ServerUpload[]
    } catch (error) {
      tally.unsent.push(...dropped.map((d) => ({ path: d.path, problem: sentenceOf(error) })))
      return
    }
    dropped.forEach(({ file, path }, i) => {
      const answer = answers[i]
      if (!answer) return
      const there = answer.state === 'coming' ? answer.offset : file.size
      tally.sentBytes += there
      tally.thereBefore += there
      if (answer.state === 'coming') {
        const address = `/api/v1/uploads/${answer.id}`
        waiting.push({ batchId, file, path, address, sent: there })
      } else {
        tally.done++
      }
    })
    pump()
  }

  function pump() {
    while (running < FILES_AT_ONCE) {
      const next = waiting.shift()
      if (!next) return
      running++
      void send(next).finally(() => {
        running--
        pump()
      })
    }
  }

  async function send(item: Sending) {
    const tally = tallyOf(item.batchId)
    const advance = (sent: number) => {
      tally.sentBytes += sent - item.sent
      item.sent = sent
    }
    try {
      await sendFile(item.file, item.address, advance)
      advance(item.file.size)
      tally.done++
    } catch (error) {
      failed.push(item)
      tally.unsent.push({ path: item.path, problem: sentenceOf(error) })
    }
  }

  /** Sends again what could not be sent. */
  function again(batchId: number) {
    waiting.push(...failed.filter((item) => item.batchId === batchId))
    failed = failed.filter((item) => item.batchId !== batchId)
    tallyOf(batchId).unsent = []
    pump()
  }

  function forget(batchId: number) {
    failed = failed.filter((item) => item.batchId !== batchId)
    tallies.delete(batchId)
  }

  const ofBatch = computed(() => (batchId: number) => tallies.get(batchId) ?? null)
  const busy = computed(() =>
    [...tallies.values()].some((t) => t.done + t.unsent.length < t.files || t.announcing > 0),
  )

  return { add, again, forget, ofBatch, busy }
})
