import { describe, expect, it } from 'vitest'
import { pathData } from './path'

describe('path data', () => {
  it('is taken as it is', () => {
    expect(pathData(' M0 0H10V1e1Z\n')).toBe('M0 0H10V1e1Z')
    expect(pathData('m0,0 l-1.5.5 2-3z')).toBe('m0,0 l-1.5.5 2-3z')
  })

  it('is found in an SVG file, and nothing else of it', () => {
    const file = `<svg onload="go()"><script>go()</script><path class="a" d="M0 0L5 5 0 5z"/></svg>`
    expect(pathData(file)).toBe('M0 0L5 5 0 5z')
  })

  it('is not anything else', () => {
    expect(pathData('')).toBeNull()
    expect(pathData('L0 0')).toBeNull()
    expect(pathData('M0 0 url(#a)')).toBeNull()
    expect(pathData('<svg><circle r="4"/></svg>')).toBeNull()
    expect(pathData('<path d="M0 0 javascript:1"/>')).toBeNull()
  })
})
