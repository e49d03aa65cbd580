import { describe, expect, it } from 'vitest'
import { need, Refused, refusedBy, sentenceOf } from './client'

const answer = (status: number, data?: unknown, error?: unknown) =>
  Promise.resolve({ data, error, response: { ok: status < 400, status } as Response })

describe('an answer of the server', () => {
  it('is its data', async () => {
    expect(await need(answer(200, { id: 3 }))).toEqual({ id: 3 })
  })

  it('or a refusal with the server’s sentence and field', async () => {
    const refusal = await need(
      answer(400, undefined, { detail: 'A width is 1 to 20000 px', field: 'width' }),
    ).catch((e: unknown) => e)

    expect(refusal).toBeInstanceOf(Refused)
    expect(refusal).toMatchObject({
      message: 'A width is 1 to 20000 px',
      field: 'width',
      status: 400,
    })
  })

  it('or says that nobody answers', async () => {
    const refusal = await need(Promise.reject(new TypeError('fetch failed'))).catch(
      (e: unknown) => e,
    )

    expect(refusal).toMatchObject({ status: 0 })
    expect(sentenceOf(refusal)).toContain('does not answer')
  })
})

describe('a refusal', () => {
  it('has a sentence even when the server sent none', () => {
    expect(refusedBy(undefined, 502).message).toContain('What was saved is safe')
    expect(refusedBy('<html>', 502).status).toBe(502)
  })

  it('of unknown kind is still said', () => {
    expect(sentenceOf('odd')).toBe('odd')
    expect(sentenceOf(new Error('known'))).toBe('known')
  })
})
