import { describe, expect, it } from 'vitest'
import { keyName } from './useKeys'

const press = (key: string, modifiers: Partial<KeyboardEvent> = {}) =>
  keyName({ key, ctrlKey: false, metaKey: false, shiftKey: false, ...modifiers } as KeyboardEvent)

describe('the name of a key press', () => {
  it('does not depend on capitals', () => {
    expect(press('e')).toBe('e')
    expect(press('E', { shiftKey: true })).toBe('Shift+e')
  })

  it('keeps signs as they are printed', () => {
    expect(press('?', { shiftKey: true })).toBe('?')
    expect(press('{', { shiftKey: true })).toBe('{')
  })

  it('takes the command key for control', () => {
    expect(press('z', { ctrlKey: true })).toBe('Ctrl+z')
    expect(press('Z', { metaKey: true, shiftKey: true })).toBe('Ctrl+Shift+z')
    expect(press('Enter', { ctrlKey: true })).toBe('Ctrl+Enter')
  })
})
