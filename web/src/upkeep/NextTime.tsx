import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { Field } from '../ui/Field'
import { day } from '../ui/format'
import { usePerson } from '../ui/person'

type View = Schemas['NextTimeView']

/** What the next sharpening should mind; a page that shows it waits, so that nothing moves under a finger. */
export function useNextTime(toolId: string) {
  const queries = useQueryClient()
  const key = ['next-time', toolId]
  const path = { id: toolId }
  const told = useQuery({
    queryKey: key,
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/next-time', { params: { path } })),
    retry: false,
  })
  const take = (now: View) => {
    queries.setQueryData(key, now)
    void queries.invalidateQueries({ queryKey: ['log', toolId] })
  }
  const note = useMutation({
    mutationFn: (body: Schemas['NextTimeForm']) =>
      ask(api.POST('/api/v1/tools/{id}/next-time', { params: { path }, body })),
    onSuccess: take,
  })
  const done = useMutation({
    mutationFn: (noteId: string) =>
      ask(
        api.POST('/api/v1/tools/{id}/next-time/{note}/done', { params: { path: { ...path, note: noteId } } }),
      ),
    onSuccess: take,
  })
  return { told: told.data, pending: told.isPending, note, done }
}

/** What was noted the last time, and what the surveys tell of the hand: to be minded now. */
export function LastTime({ toolId }: { toolId: string }) {
  const { told, done } = useNextTime(toolId)
  if (!told || (told.notes.length === 0 && !told.lean && told.drifts.length === 0 && !told.brittle))
    return null
  return (
    <section aria-label="To be minded this time" className="border-l-4 border-primary pl-3">
      <h2 className="font-semibold">Mind this time</h2>
      <ul>
        {told.notes.map((n) => (
          <li key={n.id} className="flex flex-wrap items-center gap-x-3">
            <span className="break-words min-w-0">
              {n.words} <span className="quiet">{[n.person, day(n.at)].filter(Boolean).join(', ')}</span>
            </span>
            <button
              type="button"
              className="btn btn-ghost min-h-11 px-2 underline underline-offset-4 font-normal"
              aria-label={`done: ${n.words}`}
              disabled={done.isPending}
              onClick={() => done.mutate(n.id)}
            >
              done
            </button>
          </li>
        ))}
        {told.lean && <li>{told.lean}</li>}
        {told.drifts.map((d) => (
          <li key={d}>{d}</li>
        ))}
        {told.brittle && <li>{told.brittle}</li>}
      </ul>
    </section>
  )
}

/** The same in one line, for hands that are wet. */
export function MindNow({ toolId }: { toolId: string }) {
  const { told } = useNextTime(toolId)
  const all = told
    ? [...told.notes.map((n) => n.words), told.lean, ...told.drifts, told.brittle].filter(Boolean)
    : []
  if (all.length === 0) return null
  return (
    <p className="pt-2 border-l-4 border-primary pl-3">
      <b>Mind:</b> {all.join('; ')}
    </p>
  )
}

/** What is typed for the next time, kept until it is saved: with its own button, or with the end of the job. */
export function useNote(toolId: string) {
  const [{ words }, set, drop] = useDraft(`next-time.${toolId}`, { words: '' })
  const [person] = usePerson()
  const { told, note } = useNextTime(toolId)
  const save = async () => {
    if (words.trim() === '') return
    await note.mutateAsync({ words, person })
    set({ words: '' })
    drop()
  }
  return { words, setWords: (typed: string) => set({ words: typed }), told, note, save }
}

/** A note for the next sharpening. */
export function NoteNextTime({ of }: { of: ReturnType<typeof useNote> }) {
  const { words, setWords, told, note, save } = of
  const refused = note.error instanceof Refused ? note.error : undefined
  return (
    <section aria-label="For next time" className="rule-t pt-3">
      <Field
        label="Note for next time"
        value={words}
        onChange={setWords}
        error={refused?.at('words')}
        hint="such as “more at the left corner”"
      />
      <button
        type="button"
        className="btn btn-outline min-h-12 mt-2"
        disabled={note.isPending || words.trim() === ''}
        onClick={() => void save().catch(() => undefined)}
      >
        Save the note
      </button>
      {note.isSuccess && words === '' && (
        <p role="status" className="quiet">
          Saved: it is shown when this tool is surveyed again.
        </p>
      )}
      {note.error && !refused && (
        <p role="alert" className="text-error font-semibold">
          {note.error.message}
        </p>
      )}
      {told && told.notes.length > 0 && (
        <ul className="pt-1 quiet">
          {told.notes.map((n) => (
            <li key={n.id}>{n.words}</li>
          ))}
        </ul>
      )}
    </section>
  )
}
