import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Refused } from '../api/client'
import type { Storage } from '../api/outliving'
import { EventStore, type Event } from './eventStore'
import { StrokeQueue, type Send, type Session } from './strokeQueue'

vi.mock('../api/client', async () => {
  class Refused extends Error {
    constructor(
      message: string,
      readonly status: number,
      readonly faults: { code: string }[],
    ) {
      super(message)
    }
    has(code: string) {
      return this.faults.some((f) => f.code === code)
    }
  }
  return { Refused, api: {}, ask: () => Promise.reject(new Error('not in these tests')) }
})

/** A browser's storage, shared by the tabs of one device. */
class Shelf implements Storage {
  private readonly items = new Map<string, string>()
  get length() {
    return this.items.size
  }
  key(i: number) {
    return [...this.items.keys()][i] ?? null
  }
  getItem(k: string) {
    return this.items.get(k) ?? null
  }
  setItem(k: string, v: string) {
    this.items.set(k, v)
  }
  removeItem(k: string) {
    this.items.delete(k)
  }
}

/** A service that keeps each event once, whatever is sent to it. */
class Service {
  readonly events: Event[] = []
  refuse: ((events: Event[]) => Refused | null) | null = null
  readonly send: Send = (events) => {
    const refused = this.refuse?.(events)
    if (refused) return Promise.reject(refused)
    for (const e of events) if (!this.events.some((k) => k.id === e.id)) this.events.push(e)
    return Promise.resolve(this.session())
  }
  session(): Session {
    return { confirmed: this.events.map((e) => e.id) } as unknown as Session
  }
  strokes() {
    return this.events.reduce((sum, e) => sum + e.amount, 0)
  }
}

let shelf: Shelf
let service: Service

function tab(storage: Storage | null = shelf) {
  const store = new EventStore('s1', storage)
  let queue: StrokeQueue
  const answers: Session[] = []
  // eslint-disable-next-line prefer-const
  queue = new StrokeQueue(
    store,
    service.send,
    (s) => {
      answers.push(s)
      queue.settle(s)
    },
    () => undefined,
  )
  queue.start()
  return { queue, store, answers }
}

const count = { kind: 'COUNT' as const, step: 0, side: 'BEVEL' as const, amount: 1 }

async function settled() {
  await vi.advanceTimersByTimeAsync(5000)
}

beforeEach(() => {
  vi.useFakeTimers()
  shelf = new Shelf()
  service = new Service()
})

describe('counting', () => {
  it('sends each stroke once and in order, and lets go of it when it is shown', async () => {
    const { queue } = tab()
    for (let i = 0; i < 5; i++) queue.add(count)
    expect(queue.snapshot().pending).toHaveLength(5)
    await settled()
    expect(service.strokes()).toBe(5)
    expect(service.events.map((e) => e.sequence)).toEqual([1, 2, 3, 4, 5])
    expect(queue.snapshot().pending).toHaveLength(0)
    expect(shelf.length).toBe(1)
  })

  it('goes on after the service was away, and after a reload', async () => {
    service.refuse = () => new Refused('away', 0, [])
    const first = tab()
    first.queue.add(count)
    first.queue.add(count)
    await settled()
    expect(first.queue.snapshot().trouble?.away).toBe(true)
    first.queue.stop()
    service.refuse = null
    const second = tab()
    await settled()
    expect(service.strokes()).toBe(2)
    expect(second.queue.snapshot().pending).toHaveLength(0)
  })

  it('sends an answer that was lost again, and the stroke counts once', async () => {
    let lost = true
    const { queue, store } = tab()
    service.refuse = (events) => {
      if (!lost) return null
      lost = false
      events.forEach((e) => service.events.push(e))
      return new Refused('the answer was lost', 0, [])
    }
    queue.add(count)
    await settled()
    expect(service.strokes()).toBe(1)
    expect(store.pending()).toHaveLength(0)
  })

  it('never sends more at once than is taken', async () => {
    const sizes: number[] = []
    service.refuse = (events) => {
      sizes.push(events.length)
      return null
    }
    const store = new EventStore('s1', shelf)
    const waiting = new StrokeQueue(
      store,
      service.send,
      () => undefined,
      () => undefined,
    )
    const { queue } = tab()
    queue.stop()
    for (let i = 0; i < 1200; i++) store.put({ ...full(i), ...count })
    waiting.start()
    await settled()
    expect(Math.max(...sizes)).toBeLessThanOrEqual(500)
    expect(service.strokes()).toBe(1200)
  })

  it('counts on where storage is off', async () => {
    const { queue } = tab(null)
    queue.add(count)
    queue.add(count)
    await settled()
    expect(service.strokes()).toBe(2)
  })
})

describe('two tabs of one tablet', () => {
  it('add to the same list without a network, and nothing is lost', async () => {
    service.refuse = () => new Refused('no network', 0, [])
    const one = tab()
    const two = tab()
    for (let i = 0; i < 5; i++) one.queue.add(count)
    for (let i = 0; i < 3; i++) two.queue.add(count)
    await settled()
    one.queue.reread()
    expect(one.queue.snapshot().pending).toHaveLength(8)
    service.refuse = null
    await settled()
    expect(service.strokes()).toBe(8)
    expect(new Set(service.events.map((e) => e.id)).size).toBe(8)
    expect(new EventStore('s1', shelf).pending()).toHaveLength(0)
  })

  it('number their events one after the other', () => {
    service.refuse = () => new Refused('no network', 0, [])
    const one = tab()
    const two = tab()
    one.queue.add(count)
    two.queue.add(count)
    one.queue.add(count)
    expect(new EventStore('s1', shelf).pending().map((e) => e.sequence)).toEqual([1, 2, 3])
  })
})

describe('what the service will not take', () => {
  it.each([404, 403, 413, 409, 422])('is set aside on %i, and never thrown away', async (status) => {
    service.refuse = () => new Refused('not here', status, [])
    const { queue, store } = tab()
    queue.add({ ...count, amount: 7 })
    queue.add(count)
    await settled()
    expect(queue.snapshot().pending).toHaveLength(0)
    expect(queue.snapshot().aside.map((a) => a.event.amount)).toEqual([7, 1])
    expect(queue.snapshot().aside[0]?.why).toBe('not here')
    // It outlives a reload, and can be sent once it is taken.
    expect(new EventStore('s1', shelf).aside()).toHaveLength(2)
    service.refuse = null
    queue.bringBack()
    await settled()
    expect(service.strokes()).toBe(8)
    expect(store.aside()).toHaveLength(0)
  })

  it('takes nothing good down with it', async () => {
    const { queue } = tab()
    service.refuse = (events) =>
      events.some((e) => e.kind === 'UNDO') ? new Refused('nothing to take back', 409, []) : null
    queue.add(count)
    queue.add({ kind: 'UNDO', step: 0 })
    queue.add(count)
    await settled()
    expect(service.strokes()).toBe(2)
    expect(queue.snapshot().aside.map((a) => a.event.kind)).toEqual(['UNDO'])
  })

  it('waits where the refusal passes by itself', async () => {
    service.refuse = () => new Refused('held elsewhere', 409, [{ code: 'SESSION_HELD' }] as never)
    const { queue } = tab()
    queue.add(count)
    await settled()
    expect(queue.snapshot().aside).toHaveLength(0)
    expect(queue.snapshot().pending).toHaveLength(1)
    service.refuse = null
    await settled()
    expect(service.strokes()).toBe(1)
  })

  it('is discarded only when somebody says so', async () => {
    service.refuse = () => new Refused('gone', 404, [])
    const { queue, store } = tab()
    queue.add(count)
    await settled()
    queue.discardAside()
    expect(store.aside()).toHaveLength(0)
    expect(queue.snapshot().aside).toHaveLength(0)
  })
})

describe('what stands in the storage', () => {
  it('a queue of an earlier version of this page is taken over', async () => {
    shelf.setItem('truekeen.queue.s1', JSON.stringify([full(1), full(2)]))
    tab()
    await settled()
    expect(service.events).toHaveLength(2)
    expect(shelf.getItem('truekeen.queue.s1')).toBeNull()
  })

  it('what another program wrote there is passed over', () => {
    shelf.setItem('truekeen.event.s1.x', '{torn')
    shelf.setItem('truekeen.queue.s1', 'torn')
    expect(new EventStore('s1', shelf).pending()).toHaveLength(0)
    expect(new EventStore('s1', shelf).owns('truekeen.event.s1.x')).toBe(true)
    expect(new EventStore('s1', shelf).owns('truekeen.event.s2.x')).toBe(false)
  })
})

function full(i: number): Event {
  return {
    id: `e${i}`,
    sequence: i,
    at: '2026-05-14T09:30:00Z',
    kind: 'COUNT',
    step: 0,
    side: 'BEVEL',
    amount: 1,
    note: '',
    station: 0,
    sign: null,
    fromMm: null,
    toMm: null,
    value: null,
  }
}
