import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { toolChanged } from '../api/changed'
import { Field } from '../ui/Field'
import { moment } from '../ui/format'
import { Trouble } from '../ui/Notice'

type Entry = Schemas['Entry']

const KINDS: Record<Schemas['Entry']['kind'], string> = {
  TAKE_IN: 'Take in',
  TICKET: 'Ticket',
  SURVEY: 'Survey',
  PLAN: 'Plan',
  SETUP: 'Set-up',
  BENCH: 'Bench',
  TEST: 'Test',
  STEEL: 'Steel',
  NOTE: 'Note',
  FINISH: 'Refit',
  SAFE: 'Made safe',
  INSPECT: 'Inspect',
  BALANCE: 'Balance',
  HOURS: 'Hours',
  USE: 'Use',
  READING: 'Reading',
  TOUCH_UP: 'Touch-up',
}

/** Lines that are drawn at first, and more at each touch. */
const AT_ONCE = 8

/** What happened to a tool, newest first; what somebody wrote down by mistake is taken back where it stands. */
export function History({
  toolId,
  entries,
  older,
}: {
  toolId: string
  entries: Entry[]
  /** Fetches older lines; none where these are all. */
  older?: (() => void) | undefined
}) {
  const [most, setMost] = useState(AT_ONCE)
  const queries = useQueryClient()
  const [gone, setGone] = useState<Entry | null>(null)
  const path = (e: Entry) => ({ params: { path: { id: toolId, kind: e.kind, entryId: e.removable! } } })
  const remove = useMutation({
    mutationFn: (e: Entry) => ask(api.DELETE('/api/v1/tools/{id}/log/{kind}/{entryId}', path(e))),
    onSuccess: (_, e) => {
      setGone(e)
      toolChanged(queries, toolId)
    },
  })
  const back = useMutation({
    mutationFn: (e: Entry) => ask(api.POST('/api/v1/tools/{id}/log/{kind}/{entryId}/bring-back', path(e))),
    onSuccess: () => {
      setGone(null)
      toolChanged(queries, toolId)
    },
  })
  return (
    <>
      <AddNote toolId={toolId} />
      <Trouble error={remove.error ?? back.error} />
      {gone && (
        <p role="status" className="py-2 flex flex-wrap gap-x-4 items-center">
          “{gone.title}” was deleted.
          <button type="button" className="btn btn-outline min-h-11" onClick={() => back.mutate(gone)}>
            Undo
          </button>
        </p>
      )}
      <ol aria-label="History, newest first">
        {entries.slice(0, most).map((e, i) => (
          <li key={i} className="rule-b py-2.5 sm:grid sm:grid-cols-[9.5rem_minmax(0,1fr)_auto] gap-4">
            <p className="quiet">
              {KINDS[e.kind]}
              <br />
              <time dateTime={e.at} className="text-[0.9rem]">
                {moment(e.at)}
              </time>
            </p>
            <div className="min-w-0">
              <p className="font-semibold break-words">{e.title}</p>
              {e.lines.map((l) => (
                <p key={l} className="break-words">
                  {l}
                </p>
              ))}
            </div>
            {e.removable && (
              <button
                type="button"
                className="btn btn-ghost min-h-11"
                aria-label={`Delete “${e.title}”`}
                disabled={remove.isPending}
                onClick={() => remove.mutate(e)}
              >
                Delete
              </button>
            )}
          </li>
        ))}
      </ol>
      {(entries.length > most || older) && (
        <button
          type="button"
          className="btn btn-outline min-h-12 mt-3"
          onClick={() => {
            setMost(most + AT_ONCE)
            if (most + 2 * AT_ONCE > entries.length) older?.()
          }}
        >
          {older
            ? `Show ${AT_ONCE} more`
            : `Show ${Math.min(AT_ONCE, entries.length - most)} more of ${entries.length - most}`}
        </button>
      )}
    </>
  )
}

/** A note of one's own. */
function AddNote({ toolId }: { toolId: string }) {
  const [open, setOpen] = useState(false)
  const [title, setTitle] = useState('')
  const [text, setText] = useState('')
  const queries = useQueryClient()
  const add = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/tools/{id}/log/notes', { params: { path: { id: toolId } }, body: { title, text } }),
      ),
    onSuccess: () => {
      setTitle('')
      setText('')
      setOpen(false)
      toolChanged(queries, toolId)
    },
  })
  const refused = add.error instanceof Refused ? add.error : undefined
  if (!open)
    return (
      <button type="button" className="btn btn-outline min-h-12 mb-2" onClick={() => setOpen(true)}>
        Add a note
      </button>
    )
  return (
    <div className="pb-3 max-w-[34rem]">
      <Field label="Note, in a line" value={title} onChange={setTitle} error={refused?.at('title')} />
      <Field label="More of it" value={text} onChange={setText} lines={2} error={refused?.at('text')} />
      {!refused && <Trouble error={add.error} />}
      <div className="flex gap-3 pt-2">
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={add.isPending}
          onClick={() => add.mutate()}
        >
          Save the note
        </button>
        <button type="button" className="btn btn-ghost min-h-12" onClick={() => setOpen(false)}>
          Not now
        </button>
      </div>
    </div>
  )
}
