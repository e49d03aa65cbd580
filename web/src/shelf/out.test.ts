import { describe, expect, it, vi } from 'vitest'
import type { ShelfFile } from '../api/types'
import { dragOut } from './out'

const FILE = { id: 7, name: 'can: green.jpg', format: 'JPEG' } as ShelfFile

describe('a file that is dragged out', () => {
  it('carries its type, a name that every system takes, and its address', () => {
    vi.stubGlobal('window', { location: { href: 'http://127.0.0.1:8080/#/shelf' } })
    const carried = new Map<string, string>()
    const dataTransfer = {
      effectAllowed: '',
      setData: (kind: string, data: string) => carried.set(kind, data),
    }

    dragOut({ dataTransfer } as unknown as DragEvent, FILE)

    const address = 'http://127.0.0.1:8080/api/v1/shelf/files/7/file'
    expect(carried.get('DownloadURL')).toBe(`image/jpeg:can_ green.jpg:${address}`)
    expect(carried.get('text/uri-list')).toBe(address)
    expect(dataTransfer.effectAllowed).toBe('copy')
    vi.unstubAllGlobals()
  })
})
