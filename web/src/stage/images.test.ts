import { afterEach, describe, expect, it, vi } from 'vitest'
import { union, NOTHING } from './box'
import { imageAt } from './images'

function fakePictures() {
  const asked: string[] = []
  vi.stubGlobal('createImageBitmap', (blob: { of: string }) => Promise.resolve({ of: blob.of }))
  vi.stubGlobal('fetch', (address: string) => {
    asked.push(address)
    const ok = !address.includes('missing')
    return Promise.resolve({
      ok,
      status: ok ? 200 : 404,
      blob: () => Promise.resolve({ of: address }),
      json: () => Promise.resolve({ detail: 'There is no picture 9' }),
    })
  })
  return asked
}

describe('pictures by their address', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('are fetched once', async () => {
    const asked = fakePictures()
    const one = await imageAt('/once')
    const two = await imageAt('/once')

    expect(one).toBe(two)
    expect(asked).toEqual(['/once'])
  })

  it('are forgotten when many others came after', async () => {
    const asked = fakePictures()
    await imageAt('/old')
    for (let i = 0; i < 24; i++) await imageAt(`/other/${i}`)
    await imageAt('/old')

    expect(asked.filter((a) => a === '/old')).toHaveLength(2)
  })

  it('that are not there are said and asked for again next time', async () => {
    const asked = fakePictures()
    await expect(imageAt('/missing')).rejects.toThrow('There is no picture 9')
    await expect(imageAt('/missing')).rejects.toThrow()

    expect(asked).toHaveLength(2)
  })
})

describe('the box around two boxes', () => {
  const a = { x: 10, y: 10, width: 20, height: 5 }

  it('holds both', () => {
    expect(union(a, { x: 0, y: 12, width: 5, height: 20 })).toEqual({
      x: 0,
      y: 10,
      width: 30,
      height: 22,
    })
  })

  it('is the other when one is empty', () => {
    expect(union(a, NOTHING)).toEqual(a)
    expect(union(NOTHING, a)).toEqual(a)
  })
})
