import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useUploads } from './uploads'

interface Answer {
  status?: number
  body: unknown
}

/** A server that answers one file at a time when it is told to. */
function fakeServer() {
  const sent: { name: string; url: string; answer: (a: Answer) => void; drop: () => void }[] = []
  vi.stubGlobal('fetch', (url: string, init: { body: FormData }) => {
    const file = init.body.get('files') as File
    return new Promise((done, failed) => {
      sent.push({
        name: file.name,
        url,
        answer: ({ status = 201, body }) =>
          done({ ok: status < 400, status, json: () => Promise.resolve(body) }),
        drop: () => failed(new TypeError('network')),
      })
    })
  })
  return sent
}

const settled = () => new Promise((done) => setTimeout(done, 0))
const files = (...names: string[]) => names.map((name) => new File(['x'], name))

describe('files on their way', () => {
  beforeEach(() => setActivePinia(createPinia()))
  afterEach(() => vi.unstubAllGlobals())

  it('go a few at a time, in order', async () => {
    const sent = fakeServer()
    const uploads = useUploads()
    uploads.add(1, files('a.jpg', 'b.jpg', 'c.jpg', 'd.jpg'))

    expect(sent.map((s) => s.name)).toEqual(['a.jpg', 'b.jpg', 'c.jpg'])
    sent[1]?.answer({ body: [{ fileName: 'b.jpg', id: 5 }] })
    await settled()
    expect(sent.map((s) => s.name)).toEqual(['a.jpg', 'b.jpg', 'c.jpg', 'd.jpg'])
  })

  it('are taken or refused one by one', async () => {
    const sent = fakeServer()
    const uploads = useUploads()
    uploads.add(1, files('good.jpg', 'bad.jpg'))
    sent[0]?.answer({ body: [{ fileName: 'good.jpg', id: 5 }] })
    sent[1]?.answer({ body: [{ fileName: 'bad.jpg', problem: 'This is a text file' }] })
    await settled()

    const [good, bad] = uploads.ofBatch(1)
    expect(good?.state).toBe('taken')
    expect(bad?.state).toBe('refused')
    expect(bad?.problem).toBe('This is a text file')
  })

  it('are replaced by what was in them when they are ZIPs', async () => {
    const sent = fakeServer()
    const uploads = useUploads()
    uploads.add(1, files('spring.zip', 'b.jpg'))
    sent[0]?.answer({
      body: [
        { fileName: 'fern.jpg', id: 5 },
        { fileName: 'notes.txt', problem: 'This is a text file' },
        { fileName: 'moss.jpg', id: 6 },
      ],
    })
    await settled()

    expect(uploads.ofBatch(1).map((u) => [u.name, u.state])).toEqual([
      ['fern.jpg', 'taken'],
      ['notes.txt', 'refused'],
      ['moss.jpg', 'taken'],
      ['b.jpg', 'sending'],
    ])
  })

  it('remember of what they are a duplicate', async () => {
    const sent = fakeServer()
    const uploads = useUploads()
    uploads.add(1, files('twice.jpg'))
    sent[0]?.answer({ body: [{ fileName: 'twice.jpg', problem: 'Already here', duplicateOf: 9 }] })
    await settled()

    expect(uploads.ofBatch(1)[0]?.duplicateOf).toBe(9)
  })

  it('say when the connection was lost, and may be sent again', async () => {
    const sent = fakeServer()
    const uploads = useUploads()
    uploads.add(1, files('a.jpg'))
    sent[0]?.drop()
    await settled()
    const upload = uploads.ofBatch(1)[0]
    expect(upload?.problem).toBe('The connection was lost while this file was sent. Try it again.')

    if (upload) uploads.again(upload, true)
    expect(sent[1]?.url).toContain('keepDuplicates=true')
    sent[1]?.answer({ body: [{ fileName: 'a.jpg', id: 1 }] })
    await settled()
    expect(uploads.ofBatch(1)[0]?.state).toBe('taken')
  })

  it('show the server’s own sentence when it refuses the request', async () => {
    const sent = fakeServer()
    const uploads = useUploads()
    uploads.add(1, files('huge.jpg'))
    sent[0]?.answer({ status: 413, body: { detail: 'A file is larger than 256 MB.' } })
    await settled()

    expect(uploads.ofBatch(1)[0]?.problem).toBe('A file is larger than 256 MB.')
  })

  it('of one batch are not another’s, and only the finished are forgotten', async () => {
    const sent = fakeServer()
    const uploads = useUploads()
    uploads.add(1, files('a.jpg'))
    uploads.add(2, files('b.jpg'))
    sent[0]?.answer({ body: [{ fileName: 'a.jpg', id: 1 }] })
    await settled()
    uploads.forget(1)
    uploads.forget(2)

    expect(uploads.ofBatch(1)).toHaveLength(0)
    expect(uploads.ofBatch(2)).toHaveLength(1)
  })
})
