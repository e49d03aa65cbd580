import { beforeEach, describe, expect, it, vi } from 'vitest'
import { sendFile } from './sendFile'

interface Options {
  uploadUrl: string
  retryDelays: number[]
  onProgress: (sent: number) => void
  onSuccess: () => void
  onError: (error: Error) => void
}

const tus = vi.hoisted(() => ({ options: [] as unknown[] }))
vi.mock('tus-js-client', () => ({
  Upload: class {
    constructor(_: File, options: unknown) {
      tus.options.push(options)
    }
    start() {}
  },
}))

const last = () => tus.options.at(-1) as Options
const file = new File(['spade'], 'spade.jpg')

describe('sending a file', () => {
  beforeEach(() => {
    tus.options.length = 0
  })

  it('goes to its address and tells how far it is', async () => {
    const told: number[] = []
    const sending = sendFile(file, '/api/v1/uploads/7', (sent) => told.push(sent))
    expect(last().uploadUrl).toBe('/api/v1/uploads/7')
    last().onProgress(3)
    last().onSuccess()
    await sending
    expect(told).toEqual([3])
  })

  it('tries again for minutes before it gives up', () => {
    void sendFile(file, '/x', () => undefined)
    const minutes = last().retryDelays.reduce((sum, delay) => sum + delay, 0) / 60_000
    expect(last().retryDelays[0]).toBeLessThan(1000)
    expect(minutes).toBeGreaterThan(5)
  })

  it('says in a sentence why it could not be sent', async () => {
    const refused = sendFile(file, '/x', () => undefined)
    last().onError(
      Object.assign(new Error('tus: unexpected response'), {
        originalResponse: {
          getBody: () => JSON.stringify({ detail: 'There is no room left on the disk.' }),
          getStatus: () => 507,
        },
      }),
    )
    await expect(refused).rejects.toThrow('There is no room left on the disk.')

    const lost = sendFile(file, '/x', () => undefined)
    last().onError(new Error('network'))
    await expect(lost).rejects.toThrow('The connection was lost')

    const strange = sendFile(file, '/x', () => undefined)
    last().onError(
      Object.assign(new Error('tus'), {
        originalResponse: { getBody: () => '<html>', getStatus: () => 502 },
      }),
    )
    await expect(strange).rejects.toThrow('That did not work')
  })
})
