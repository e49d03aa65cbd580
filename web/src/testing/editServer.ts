import { vi } from 'vitest'
import type { EditData, EditList } from '../api/types'

/** A server that answers what a test tells it to, and remembers what it was asked. */
export const calls: { what: string; body?: unknown; editId?: number; since?: string }[] = []
export const script: { answers: (() => unknown)[] } = { answers: [] }

/** What the real client refuses with. */
export const { Refused, sentenceOf } =
  await vi.importActual<typeof import('../api/client')>('../api/client')

interface Asked {
  body?: unknown
  params: { path: { editId?: number }; query?: { since?: string } }
}

const call = (verb: string) => (path: string, init: Asked) => {
  calls.push({
    what: `${verb} ${path.replace('/api/v1/pictures/{id}', '')}`,
    body: init.body,
    editId: init.params.path.editId,
    since: init.params.query?.since,
  })
  return verb
}

export const api = {
  GET: call('GET'),
  POST: call('POST'),
  PATCH: call('PATCH'),
  DELETE: call('DELETE'),
}

export const need = () =>
  Promise.resolve().then(
    () => script.answers.shift()?.() ?? { baseVersionId: 1, state: '', changed: null, edits: [] },
  )

/** The network is away, or the server is. */
export const silence = (): never => {
  throw new Refused('Able Batch does not answer.', 0)
}

export const stroke = (x: number): EditData => ({
  kind: 'brush',
  mode: 'erase',
  sizePx: 20,
  softness: 0.5,
  strength: 1,
  points: [x, 1],
})

/** A list of strokes with these numbers, over cutout 1. */
export const list = (...ids: number[]): EditList => ({
  baseVersionId: 1,
  state: ids.join(),
  changed: null,
  edits: ids.map((id) => ({
    id,
    clientKey: `k${id}`,
    edit: stroke(id),
    enabled: true,
    undone: false,
    box: null,
    problem: null,
    elsewhere: null,
    byTicket: false,
  })),
})
