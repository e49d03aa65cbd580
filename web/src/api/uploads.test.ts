import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useUploads } from './uploads'

const server = vi.hoisted(() => ({
  announce: vi.fn(),
  sent: [] as {
    address: string
    progress: (sent: number) => void
    done: () => void
    fail: (e: Error) => void
  }[],
}))

vi.mock('./client', async (original) => ({
  ...(await original<typeof import('./client')>()),
  api: {
    POST: (_: string, init: { body: { files: unknown[] } }) => server.announce(init.body.files),
  },
  need: (call: Promise<unknown>) => call,
}))
vi.mock('./sendFile', () => ({
  sendFile: (_: File, address: string, progress: (sent: number) => void) =>
    new Promise<void>((done, fail) => server.sent.push({ address, progress, done, fail })),
}))

const settled = () => new Promise((done) => setTimeout(done, 0))
const dropped = (...names: string[]) =>
  names.map((name) => ({ file: new File(['0123456789'], name), path: `spring/${name}` }))

let id = 0
const coming = () => ({ id: ++id, state: 'coming', offset: 0 })

describe('files on their way', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    id = 0
    server.sent.length = 0
    server.announce.mockReset()
    server.announce.mockImplementation((files: unknown[]) => Promise.resolve(files.map(coming)))
  })

  it('are announced with their folders and go a few at a time, in order', async () => {
    const uploads = useUploads()
    await uploads.add(1, dropped('a.jpg', 'b.jpg', 'c.jpg', 'd.jpg', 'e.jpg'))

    expect(server.announce.mock.calls[0]?.[0][0]).toMatchObject({
      path: 'spring/a.jpg',
      bytes: 10,
    })
    expect(server.sent.map((s) => s.address)).toEqual(
      [1, 2, 3, 4].map((n) => `/api/v1/uploads/${n}`),
    )
    server.sent[1]?.done()
    await settled()
    expect(server.sent.at(-1)?.address).toBe('/api/v1/uploads/5')
    expect(uploads.ofBatch(1)).toMatchObject({ files: 5, done: 1, sentBytes: 10 })
    expect(uploads.busy).toBe(true)
  })

  it('are announced in the order in which people read names', async () => {
    const uploads = useUploads()
    await uploads.add(1, dropped('spade 10.jpg', 'spade 9.jpg', 'Rake.jpg'))

    const paths = (server.announce.mock.calls[0]?.[0] as { path: string }[]).map((f) => f.path)
    expect(paths).toEqual(['spring/Rake.jpg', 'spring/spade 9.jpg', 'spring/spade 10.jpg'])
  })

  it('are announced in pieces, the first a small one', async () => {
    const many = Array.from({ length: 1500 }, (_, i) => ({
      file: new File([], `${i}`),
      path: `${i}`,
    }))
    server.announce.mockImplementation((files: unknown[]) =>
      Promise.resolve(files.map(() => ({ id: ++id, state: 'come', offset: 0 }))),
    )
    const uploads = useUploads()
    await uploads.add(1, many)

    expect(server.announce.mock.calls.map((call) => call[0].length)).toEqual([40, 1000, 460])
    expect(uploads.ofBatch(1)?.done).toBe(1500)
    expect(uploads.busy).toBe(false)
  })

  it('go on where they stood, and are not sent when they are there', async () => {
    server.announce.mockResolvedValue([
      { id: 7, state: 'taken', offset: 10 },
      { id: 8, state: 'coming', offset: 4 },
    ])
    const uploads = useUploads()
    await uploads.add(1, dropped('there.jpg', 'half.jpg'))

    expect(server.sent.map((s) => s.address)).toEqual(['/api/v1/uploads/8'])
    expect(uploads.ofBatch(1)).toMatchObject({ done: 1, sentBytes: 14, thereBefore: 14 })
    server.sent[0]?.progress(7)
    expect(uploads.ofBatch(1)?.sentBytes).toBe(17)
    server.sent[0]?.done()
    await settled()
    expect(uploads.ofBatch(1)).toMatchObject({ done: 2, sentBytes: 20 })
  })

  it('that could not be sent are named, and can be sent again', async () => {
    const uploads = useUploads()
    await uploads.add(1, dropped('a.jpg'))
    server.sent[0]?.fail(new Error('The connection was lost'))
    await settled()
    expect(uploads.ofBatch(1)?.unsent).toEqual([
      { path: 'spring/a.jpg', problem: 'The connection was lost' },
    ])

    uploads.again(1)
    expect(uploads.ofBatch(1)?.unsent).toEqual([])
    server.sent[1]?.done()
    await settled()
    expect(uploads.ofBatch(1)?.done).toBe(1)
  })

  it('that the server does not answer for are named too', async () => {
    server.announce.mockRejectedValue(new Error('Able Batch does not answer.'))
    const uploads = useUploads()
    await uploads.add(1, dropped('a.jpg'))

    expect(uploads.ofBatch(1)?.unsent[0]?.problem).toBe('Able Batch does not answer.')
    uploads.forget(1)
    expect(uploads.ofBatch(1)).toBeNull()
  })
})
