import { describe, expect, it } from 'vitest'
import { History } from './history'

describe('history', () => {
  it('goes back and forth', () => {
    const history = new History('a')
    history.push('b', 'one', 0)
    history.push('c', 'two', 10)
    expect(history.undo()).toBe('b')
    expect(history.undo()).toBe('a')
    expect(history.undo()).toBe('a')
    expect(history.redo()).toBe('b')
    history.push('d', 'three', 20)
    expect(history.canRedo).toBe(false)
    expect(history.undo()).toBe('b')
  })

  it('takes a slider that is drawn as one step', () => {
    const history = new History(0)
    for (let at = 1; at <= 5; at++) history.push(at, 'slider', at * 50)
    expect(history.undo()).toBe(0)
    expect(history.canUndo).toBe(false)
  })

  it('begins a new step after a pause, or after going back', () => {
    const history = new History(0)
    history.push(1, 'slider', 0)
    history.push(2, 'slider', 5000)
    expect(history.undo()).toBe(1)
    history.push(3, 'slider', 5001)
    expect(history.undo()).toBe(1)
  })
})
