import { freshId } from './id'

const CHANGES = ['POST', 'PUT', 'DELETE']
/** What is done at the bench has ids of its own. */
const OWN_IDS = /\/events$/
const TRIES = 3
const AGAIN_MS = 1000

type Fetch = (request: Request) => Promise<Response>

/**
 * Sends what changes something once: pressed twice while it is on its way it is the same request, and sent again after the way
 * broke it bears the same key, by which the service knows what it has done already.
 */
export function once(send: Fetch, wait: (ms: number) => Promise<void> = pause): Fetch {
  const under = new Map<string, Promise<Response>>()
  return async (request) => {
    const type = request.headers.get('Content-Type') ?? 'application/json'
    // A photograph or a whole backup is not held twice.
    if (!CHANGES.includes(request.method) || OWN_IDS.test(request.url) || !/json|text\/plain/.test(type)) {
      return send(request)
    }
    const body = await request.clone().text()
    const same = `${request.method} ${request.url} ${body}`
    let answer = under.get(same)
    if (!answer) {
      answer = sent(send, request, wait).finally(() => under.delete(same))
      under.set(same, answer)
    }
    // Each asker reads an answer of its own.
    return (await answer).clone()
  }
}

async function sent(send: Fetch, request: Request, wait: (ms: number) => Promise<void>): Promise<Response> {
  const keyed = new Request(request, { headers: new Headers(request.headers) })
  keyed.headers.set('Idempotency-Key', freshId())
  for (let tried = 1; ; tried++) {
    try {
      return await send(keyed.clone())
    } catch (gone) {
      if (tried >= TRIES || request.signal.aborted) throw gone
      await wait(AGAIN_MS)
    }
  }
}

function pause(ms: number) {
  return new Promise<void>((done) => setTimeout(done, ms))
}
