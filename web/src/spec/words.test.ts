import { expect, it } from 'vitest'
import { sayingOf } from './words'

it('says what is written and marks what differs', () => {
  expect(
    sayingOf([
      { part: 'text', text: 'Spade ' },
      { part: 'code' },
      { part: 'text', text: ', ' },
      { part: 'column', column: 'colour' },
      { part: 'original-name' },
    ]),
  ).toBe('Spade ‹code›, ‹colour›‹original name›')
  expect(sayingOf([])).toBe('')
  expect(sayingOf([{ part: 'text', text: '  ' }])).toBe('')
})
