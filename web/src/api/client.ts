import createClient from 'openapi-fetch'
import { once } from './once'
import { ours, sayIfSignedOut } from './signedOut'
import type { components, paths } from './schema.gen'

export type Schemas = components['schemas']

/** The service, typed from its own description. */
export const api = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: once((request) => fetch(ours(request)).then(sayIfSignedOut)),
})

export interface Fault {
  field: string
  code: string
  value: string
  allowed: string
  message: string
}

/** What the service refused, in its own words, with the fields to blame. */
export class Refused extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly faults: Fault[],
  ) {
    super(message)
  }

  /** The message for one field, if any. */
  at(field: string): string | undefined {
    return this.faults.find((f) => f.field === field)?.message
  }

  has(code: string): boolean {
    return this.faults.some((f) => f.code === code)
  }
}

interface Problem {
  detail?: string
  errors?: Fault[]
}

/**
 * Unwraps an answer of the service.
 * @throws Refused when the service refused, with status 0 when it could not be reached
 */
export async function ask<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let answer
  try {
    answer = await call
  } catch {
    throw new Refused('The service cannot be reached. What you typed is kept here.', 0, [])
  }
  // What is only done has no body.
  if (answer.data !== undefined || answer.response.status === 204) return answer.data as T
  const problem = (answer.error ?? {}) as Problem
  throw new Refused(
    problem.detail ?? 'The service did not answer as expected.',
    answer.response.status,
    problem.errors ?? [],
  )
}
