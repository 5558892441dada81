import type { Schemas } from '../api/client'
import { outliving, type Storage } from '../api/outliving'

export type Event = Schemas['EventForm']

/** An event that the service will not take as it is, and what it said. */
export interface SetAside {
  event: Event
  why: string
}

/**
 * What was done at one session and is not confirmed yet, on this device. Each event stands under a key of its own, so that
 * two tabs of one device add to the same list and neither overwrites what the other has. Where storage is off, it is kept
 * in memory.
 */
export class EventStore {
  private readonly memory = new Map<string, string>()

  constructor(
    private readonly sessionId: string,
    private readonly storage: Storage | null,
  ) {
    this.moveOldQueue()
  }

  /** Everything that is not confirmed, in the order it was done. */
  pending(): Event[] {
    return this.all<Event>(this.pendingPrefix()).sort(byOrder)
  }

  put(event: Event) {
    this.write(this.pendingPrefix() + event.id, JSON.stringify(event))
  }

  remove(id: string) {
    this.erase(this.pendingPrefix() + id)
  }

  /** What the service would not take, in the order it was done. */
  aside(): SetAside[] {
    return this.all<SetAside>(this.asidePrefix()).sort((a, b) => byOrder(a.event, b.event))
  }

  setAside(event: Event, why: string) {
    this.write(this.asidePrefix() + event.id, JSON.stringify({ event, why } satisfies SetAside))
    this.remove(event.id)
  }

  /** Puts everything that was set aside back into the list. */
  bringBack() {
    this.aside().forEach(({ event }) => {
      this.put(event)
      this.erase(this.asidePrefix() + event.id)
    })
  }

  /** Lets go of everything that was set aside. */
  discardAside() {
    this.aside().forEach(({ event }) => this.erase(this.asidePrefix() + event.id))
  }

  /** The next number of this device: higher than any that is still on its way. */
  nextSequence(): number {
    const kept = Number(this.read('truekeen.sequence') ?? '0')
    const next = Math.max(kept, ...this.pending().map((e) => e.sequence)) + 1
    this.write('truekeen.sequence', String(next))
    return next
  }

  /** Whether a key of the browser's storage belongs to this list. */
  owns(key: string | null): boolean {
    return key === null || key.startsWith(this.pendingPrefix()) || key.startsWith(this.asidePrefix())
  }

  private pendingPrefix() {
    return `truekeen.event.${this.sessionId}.`
  }

  private asidePrefix() {
    return `truekeen.aside.${this.sessionId}.`
  }

  private all<T>(prefix: string): T[] {
    return this.keys()
      .filter((k) => k.startsWith(prefix))
      .flatMap((k) => {
        try {
          return [JSON.parse(this.read(k) ?? '') as T]
        } catch {
          // What another program wrote there is not ours to read.
          return []
        }
      })
  }

  /** A queue that an earlier version of this page kept as one list. */
  private moveOldQueue() {
    const name = `truekeen.queue.${this.sessionId}`
    try {
      const old = JSON.parse(this.read(name) ?? '[]') as Event[]
      old.forEach((e) => this.put(e))
    } catch {
      return
    }
    this.erase(name)
  }

  private keys(): string[] {
    const keys = [...this.memory.keys()]
    try {
      for (let i = 0; this.storage && i < this.storage.length; i++) {
        const key = this.storage.key(i)
        if (key !== null) keys.push(key)
      }
    } catch {
      // Storage may be off: what is in memory is all there is.
    }
    return keys
  }

  private read(key: string): string | null {
    try {
      return this.memory.get(key) ?? this.storage?.getItem(key) ?? null
    } catch {
      return null
    }
  }

  private write(key: string, value: string) {
    try {
      if (!this.storage) throw new Error('no storage')
      this.storage.setItem(key, value)
      this.memory.delete(key)
    } catch {
      this.memory.set(key, value)
    }
  }

  private erase(key: string) {
    this.memory.delete(key)
    try {
      this.storage?.removeItem(key)
    } catch {
      // Nothing is kept where storage is off.
    }
  }
}

function byOrder(a: Event, b: Event): number {
  return a.sequence - b.sequence || a.at.localeCompare(b.at) || a.id.localeCompare(b.id)
}

/** This device's storage; null where it is off. */
export function deviceStorage(): Storage | null {
  try {
    return outliving(window.localStorage)
  } catch {
    return null
  }
}
