import createClient from 'openapi-fetch'
import { send } from './leaving'
import type { paths } from './schema'

export const api = createClient<paths>({ baseUrl: '', fetch: send })

/** A request that the server refused or that never reached it, as a sentence for a person. */
export class Refused extends Error {
  constructor(
    sentence: string,
    readonly status: number,
    readonly field?: string,
    /** Says which conflict it is, where a station can help out of it. */
    readonly kind?: string,
  ) {
    super(sentence)
  }
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of an answer, or a {@link Refused}. */
export async function need<T>(call: Promise<Answer<T>>): Promise<NonNullable<T>> {
  const answer = await call.catch(() => {
    throw new Refused('Able Batch does not answer. What was saved is safe; try again.', 0)
  })
  if (answer.error !== undefined || !answer.response.ok) {
    throw refusedBy(answer.error, answer.response.status)
  }
  return answer.data as NonNullable<T>
}

export function refusedBy(body: unknown, status: number): Refused {
  const problem = (typeof body === 'object' && body !== null ? body : {}) as {
    detail?: string
    field?: string
    kind?: string
  }
  return new Refused(
    problem.detail ?? 'That did not work. What was saved is safe; try again.',
    status,
    problem.field,
    problem.kind,
  )
}

export function sentenceOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error)
}
