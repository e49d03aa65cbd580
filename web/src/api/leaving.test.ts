import { afterEach, describe, expect, it, vi } from 'vitest'
import { send, watchLeaving } from './leaving'

describe('what is sent while the page is being left', () => {
  afterEach(() => void vi.unstubAllGlobals())

  it('goes on without the page', async () => {
    const sent: Request[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      sent.push(request)
      return new Response()
    })
    const page = new EventTarget()
    watchLeaving(page)
    const change = () => new Request('http://127.0.0.1/words', { method: 'PUT', body: '{}' })

    await send(change())
    page.dispatchEvent(new Event('pagehide'))
    await send(change())
    page.dispatchEvent(new Event('pageshow'))
    await send(change())

    expect(sent.map((one) => one.keepalive)).toEqual([false, true, false])
    expect(await sent[1]?.text()).toBe('{}')
  })
})
