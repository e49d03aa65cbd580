import { describe, expect, it } from 'vitest'
import { belongsToControl, keyName } from './useKeys'

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

describe('a key that is for what has the focus', () => {
  /** Something that answers to these selectors. */
  const on = (key: string, ...is: string[]) =>
    belongsToControl({
      key,
      ctrlKey: false,
      target: {
        closest: (asked: string) => (is.some((one) => asked.includes(one)) ? {} : null),
      } as unknown as EventTarget,
    } as KeyboardEvent)

  it('is an arrow on a slider, not on a picture', () => {
    expect(on('ArrowLeft', 'role="slider"')).toBe(true)
    expect(on('ArrowLeft', 'button')).toBe(false)
    expect(on('e', 'role="slider"')).toBe(false)
  })

  it('is Enter on a button', () => {
    expect(on('Enter', 'button')).toBe(true)
    expect(on('Enter', 'role="slider"')).toBe(false)
  })
})
