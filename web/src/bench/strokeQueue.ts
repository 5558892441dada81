import { freshId } from '../api/id'
import { api, ask, Refused, type Schemas } from '../api/client'
import { EventStore, type Event, type SetAside } from './eventStore'

export type Session = Schemas['SessionView']

export interface QueueState {
  pending: Event[]
  aside: SetAside[]
  /** What went wrong; away: it will pass by itself; store: the service is there, its records are not. */
  trouble: { words: string; away: boolean; store?: boolean } | null
}

/** Sends events of a session to the service. @throws Refused when it would not take them, or cannot be reached */
export type Send = (events: Event[]) => Promise<Session>

const RETRY_MS = 2000
/** A request that hangs is given up and sent again: events are kept once, by their ids. */
const HANGS_MS = 15_000
/** The service takes no more at once. */
const MOST_AT_ONCE = 500
/** Refusals that pass by themselves: somebody takes the session over, makes the machine safe, inspects the blade. */
const WAITS = ['NOT_SIGNED_IN', 'SESSION_HELD', 'ISOLATE_FIRST', 'INSPECT_FIRST']

/** Sends over the wire. */
export function sendTo(sessionId: string, device: string, person: () => string): Send {
  return (events) =>
    ask(
      api.POST('/api/v1/sessions/{id}/events', {
        params: { path: { id: sessionId } },
        body: { device, person: person(), events },
        signal: AbortSignal.timeout(HANGS_MS),
      }),
    )
}

/**
 * What is done at the bench, on its way to the service: kept on this device, sent in order and once each, and pending
 * until the service has confirmed it. Sending goes on after a reload and after the service was away. What the service will
 * never take as it is, is set aside: shown, to be sent again or saved, and never thrown away by itself.
 */
export class StrokeQueue {
  private state: QueueState
  private sending = false
  private timer: ReturnType<typeof setTimeout> | undefined
  private stopped = true
  private readonly listeners = new Set<() => void>()
  private readonly confirmed = new Set<string>()
  // One at a time after a refusal, so that only what is refused is set aside and nothing that came before it.
  private single = false

  constructor(
    private readonly store: EventStore,
    private readonly send: Send,
    private readonly onAnswer: (session: Session) => void,
    private readonly onRefused: () => void,
  ) {
    this.state = { pending: store.pending(), aside: store.aside(), trouble: null }
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  readonly snapshot = () => this.state

  /** Starts sending what an earlier visit or another tab left; stop() before letting go of the queue. */
  start() {
    this.stopped = false
    void this.flush()
  }

  stop() {
    this.stopped = true
    clearTimeout(this.timer)
  }

  /** Reads the store again: another tab of this device has written to it. */
  readonly reread = () => {
    this.set({})
    if (!this.stopped) void this.flush()
  }

  /** Adds one event and sends it. */
  readonly add = (event: Pick<Event, 'kind' | 'step'> & Partial<Event>) => {
    this.store.put({
      id: freshId(),
      at: new Date().toISOString(),
      side: '',
      amount: 0,
      note: '',
      station: 0,
      sign: null,
      fromMm: null,
      toMm: null,
      value: null,
      ...event,
      sequence: this.store.nextSequence(),
    })
    this.set({ trouble: this.state.trouble?.away ? this.state.trouble : null })
    void this.flush()
  }

  readonly clearTrouble = () => this.set({ trouble: null })

  readonly fail = (words: string) => this.set({ trouble: { words, away: false } })

  /** Sends what was set aside once more. */
  readonly bringBack = () => {
    this.store.bringBack()
    this.set({ trouble: null })
    void this.flush()
  }

  /** Lets go of what was set aside. */
  readonly discardAside = () => {
    this.store.discardAside()
    this.set({ trouble: null })
  }

  private async flush() {
    clearTimeout(this.timer)
    const unsent = this.unsent()
    if (this.sending || unsent.length === 0) return
    this.sending = true
    let again = 0
    const sent = unsent.slice(0, this.single ? 1 : MOST_AT_ONCE)
    try {
      const next = await this.send(sent)
      sent.forEach((e) => this.confirmed.add(e.id))
      next.confirmed.forEach((id) => this.confirmed.add(id))
      if (this.state.trouble?.away) this.set({ trouble: null })
      this.onAnswer(next)
    } catch (error) {
      again = this.refused(
        sent,
        error instanceof Refused ? error : new Refused('It could not be sent.', 0, []),
      )
    } finally {
      this.sending = false
    }
    if (this.unsent().length === 0) this.single = false
    else if (!this.stopped) this.timer = setTimeout(() => void this.flush(), again)
  }

  /**
   * Lets go of what the session on the screen already contains. Not sooner: a stroke must never be missing from both,
   * nor stand in both, for the blink between the answer and its drawing.
   */
  settle(session: Session) {
    const shown = new Set(session.confirmed)
    const gone = this.state.pending.filter((e) => shown.has(e.id))
    if (gone.length > 0) {
      gone.forEach((e) => this.store.remove(e.id))
      this.set({})
    }
  }

  private unsent(): Event[] {
    return this.store.pending().filter((e) => !this.confirmed.has(e.id))
  }

  /** Says what was refused; gives how long to wait before the next try (ms). */
  private refused(sent: Event[], refused: Refused): number {
    const away = refused.status === 0 || refused.status >= 500
    const trouble = { words: refused.message, away, store: refused.has('STORE_AWAY') }
    if (away || WAITS.some((code) => refused.has(code))) {
      this.set({ trouble })
      return RETRY_MS
    }
    if (!this.single && sent.length > 1) {
      this.single = true
      return 0
    }
    // The service will never take the first one as it is: say so, set it aside, and show what holds.
    sent.forEach((e) => this.store.setAside(e, refused.message))
    this.set({ trouble })
    this.onRefused()
    return 0
  }

  private set(part: Partial<Pick<QueueState, 'trouble'>>) {
    this.state = { ...this.state, ...part, pending: this.store.pending(), aside: this.store.aside() }
    this.listeners.forEach((l) => l())
  }
}
