import { expect, test } from 'vitest'
import type { Finding } from '../../api/types'
import { remarkWith } from './remark'

const gap: Finding = {
  kind: 'gap',
  label: 'Gap left closed',
  x: 5,
  y: 6,
  width: 7,
  height: 8,
  measured: 40,
  severity: 0.6,
  sentence: '',
  mend: null,
  right: false,
}

test('what is sent to be mended takes its place along', () => {
  expect(remarkWith('touch-up', ' open it ', gap)).toEqual({
    remark: { text: 'open it', reason: 'gap', x: 5, y: 6, width: 7, height: 8 },
  })
})

test('a place needs no words, and words no place', () => {
  expect(remarkWith('touch-up', '', gap).remark?.text).toBeUndefined()
  expect(remarkWith('touch-up', '', gap).remark?.reason).toBe('gap')
  expect(remarkWith('touch-up', 'look again', null)).toEqual({ remark: { text: 'look again' } })
})

test('nothing is said with nothing, nor with any other verdict', () => {
  expect(remarkWith('touch-up', '  ', null)).toEqual({})
  expect(remarkWith('pass', 'fine', gap)).toEqual({})
  expect(remarkWith('reject', 'hopeless', gap)).toEqual({})
})
