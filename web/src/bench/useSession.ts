import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react'
import { api, ask } from '../api/client'
import { deviceKey, kept } from '../api/local'
import { deviceStorage, EventStore } from './eventStore'
import { sendTo, StrokeQueue, type Session } from './strokeQueue'

export type { Session } from './strokeQueue'

const WATCH_MS = 3000

/** A session at the bench: as the service knows it, what is still on its way there, and what can be done. */
export function useSession(id: string) {
  const device = deviceKey()
  const queries = useQueryClient()
  const session = useQuery({
    queryKey: ['session', id],
    queryFn: () => ask(api.GET('/api/v1/sessions/{id}', { params: { path: { id }, query: { device } } })),
    refetchInterval: WATCH_MS,
    retry: false,
  })
  const store = useMemo(() => new EventStore(id, deviceStorage()), [id])
  const queue = useMemo(
    () =>
      new StrokeQueue(
        store,
        sendTo(id, device, () => kept('person') ?? ''),
        (next) => {
          void queries.cancelQueries({ queryKey: ['session', id] })
          queries.setQueryData<Session>(['session', id], next)
        },
        () => void queries.invalidateQueries({ queryKey: ['session', id] }),
      ),
    [device, id, queries, store],
  )
  useEffect(() => {
    queue.start()
    // Another tab of this device counts on the same session: what it adds is shown and sent here too.
    const elsewhere = (e: StorageEvent) => {
      if (store.owns(e.key)) queue.reread()
    }
    window.addEventListener('storage', elsewhere)
    return () => {
      window.removeEventListener('storage', elsewhere)
      queue.stop()
    }
  }, [queue, store])
  const state = useSyncExternalStore(queue.subscribe, queue.snapshot)
  const shown = session.data
  useEffect(() => {
    if (shown) queue.settle(shown)
  }, [queue, shown])
  const pending = shown ? state.pending.filter((e) => !shown.confirmed.includes(e.id)) : state.pending
  const trouble = state.trouble

  const act = useCallback(
    async (what: 'takeover' | 'add-late' | 'leave-late') => {
      const params = { path: { id } }
      const person = kept('person') ?? ''
      const call =
        what === 'takeover'
          ? api.POST('/api/v1/sessions/{id}/takeover', { params, body: { device, person } })
          : api.POST('/api/v1/sessions/{id}/late', {
              params,
              body: { device, person, add: what === 'add-late' },
            })
      try {
        const next = await ask(call)
        // What was asked before is answered by what is no longer so.
        await queries.cancelQueries({ queryKey: ['session', id] })
        queries.setQueryData<Session>(['session', id], next)
        queue.clearTrouble()
      } catch (error) {
        queue.fail(error instanceof Error ? error.message : 'It did not work.')
      }
    },
    [device, id, queries, queue],
  )

  return {
    session,
    pending,
    aside: state.aside,
    trouble,
    add: queue.add,
    act,
    bringBack: queue.bringBack,
    discardAside: queue.discardAside,
  }
}

/** Keeps the screen awake while the bench is open, where the browser can. */
export function useWakeLock() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined
    let gone = false
    const take = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
      navigator.wakeLock
        .request('screen')
        .then((l) => {
          if (gone) void l.release()
          else lock = l
        })
        .catch(() => undefined)
    }
    take()
    document.addEventListener('visibilitychange', take)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', take)
      void lock?.release()
    }
  }, [])
}
