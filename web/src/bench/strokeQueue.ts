import { api, ask, Refused, type Schemas } from '../api/client'
import { keep, kept } from '../api/local'

export type Session = Schemas['SessionView']
export type Event = Schemas['EventForm']

export interface QueueState {
  pending: Event[]
  trouble: { words: string; away: boolean } | null
}

const RETRY_MS = 2000

/**
 * What is done at the bench, on its way to the service: kept on this device, sent in order and once each, and pending
 * until the service has confirmed it. Sending goes on after a reload and after the service was away.
 */
export class StrokeQueue {
  private state: QueueState
  private sending = false
  private timer: number | undefined
  private readonly listeners = new Set<() => void>()
  private readonly name: string
  private readonly confirmed = new Set<string>()
  // One at a time after a refusal, so that only what is refused is let go of and nothing that came before it.
  private single = false

  constructor(
    private readonly sessionId: string,
    private readonly device: string,
    private readonly person: () => string,
    private readonly onAnswer: (session: Session) => void,
    private readonly onRefused: () => void,
  ) {
    this.name = 'queue.' + sessionId
    this.state = { pending: this.read(), trouble: null }
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  readonly snapshot = () => this.state

  /** Starts sending what an earlier visit left; stop() before letting go of the queue. */
  start() {
    void this.flush()
  }

  stop() {
    window.clearTimeout(this.timer)
  }

  /** Puts one event down and sends it. */
  readonly tell = (event: Pick<Event, 'kind' | 'step'> & Partial<Event>) => {
    const sequence = Number(kept('sequence') ?? '0') + 1
    keep('sequence', String(sequence))
    const full = {
      id: crypto.randomUUID(),
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
      sequence,
    }
    const trouble = this.state.trouble?.away ? this.state.trouble : null
    this.set({ pending: [...this.state.pending, full], trouble })
    void this.flush()
  }

  readonly clearTrouble = () => this.set({ trouble: null })

  readonly fail = (words: string) => this.set({ trouble: { words, away: false } })

  private async flush() {
    window.clearTimeout(this.timer)
    const unsent = this.unsent()
    if (this.sending || unsent.length === 0) return
    this.sending = true
    let again = 0
    try {
      const next = await ask(
        api.POST('/api/v1/sessions/{id}/events', {
          params: { path: { id: this.sessionId } },
          body: {
            device: this.device,
            person: this.person(),
            events: this.single ? unsent.slice(0, 1) : unsent,
          },
        }),
      )
      next.confirmed.forEach((id) => this.confirmed.add(id))
      this.keepUnsent()
      if (this.state.trouble?.away) this.set({ trouble: null })
      this.onAnswer(next)
    } catch (error) {
      again = this.refused(error instanceof Refused ? error : new Refused('It could not be sent.', 0, []))
    } finally {
      this.sending = false
    }
    if (this.unsent().length === 0) this.single = false
    if (this.unsent().length > 0) this.timer = window.setTimeout(() => void this.flush(), again)
  }

  /**
   * Lets go of what the session on the screen already contains. Not sooner: a stroke must never be missing from both,
   * nor stand in both, for the blink between the answer and its drawing.
   */
  settle(session: Session) {
    const shown = new Set(session.confirmed)
    if (this.state.pending.some((e) => shown.has(e.id))) {
      this.set({ pending: this.state.pending.filter((e) => !shown.has(e.id)) })
    }
  }

  private unsent(): Event[] {
    return this.state.pending.filter((e) => !this.confirmed.has(e.id))
  }

  private keepUnsent() {
    const unsent = this.unsent()
    keep(this.name, unsent.length > 0 ? JSON.stringify(unsent) : null)
  }

  /** Says what was refused; gives how long to wait before the next try (ms). */
  private refused(refused: Refused): number {
    const away = refused.status === 0 || refused.status >= 500
    const trouble = { words: refused.message, away }
    // What was done while the machine was no longer recorded as safe waits with the count until it is again.
    if (away || refused.has('SESSION_HELD') || refused.has('ISOLATE_FIRST') || refused.has('INSPECT_FIRST')) {
      this.set({ trouble })
      return RETRY_MS
    }
    if (!this.single && this.unsent().length > 1) {
      this.single = true
      return 0
    }
    // The service will never take the first one as it is: say so, let go of it, and show what holds.
    const first = this.unsent()[0]
    this.set({ trouble, pending: this.state.pending.filter((e) => e !== first) })
    this.onRefused()
    return 0
  }

  private set(part: Partial<QueueState>) {
    this.state = { ...this.state, ...part }
    if (part.pending) this.keepUnsent()
    this.listeners.forEach((l) => l())
  }

  private read(): Event[] {
    try {
      return JSON.parse(kept(this.name) ?? '[]') as Event[]
    } catch {
      return []
    }
  }
}
