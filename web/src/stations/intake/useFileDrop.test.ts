import { describe, expect, it } from 'vitest'
import { isLitter, pickedFile } from './useFileDrop'

describe('files that come in', () => {
  it('keep the way to them when a folder was picked', () => {
    const plain = new File(['x'], 'spade.jpg')
    expect(pickedFile(plain).path).toBe('spade.jpg')

    const inFolder = new File(['x'], 'spade.jpg')
    Object.defineProperty(inFolder, 'webkitRelativePath', { value: 'spring/tools/spade.jpg' })
    expect(pickedFile(inFolder).path).toBe('spring/tools/spade.jpg')
  })

  it('are not what file managers leave in folders', () => {
    for (const name of ['.DS_Store', 'Thumbs.db', 'desktop.ini', '._spade.jpg']) {
      expect(isLitter(name)).toBe(true)
    }
    expect(isLitter('spade.jpg')).toBe(false)
    expect(isLitter('my desktop.ini.jpg')).toBe(false)
  })
})
