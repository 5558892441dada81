import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { moment } from '../ui/format'
import { Notice } from '../ui/Notice'
import { usePerson } from '../ui/person'

/** Takes a photograph, or chooses one that was taken before. */
export function PhotoChooser({
  toolId,
  profile,
  chosen,
  onChoose,
}: {
  toolId: string
  profile: Schemas['ProfileView']
  chosen: string
  onChoose: (photoId: string) => void
}) {
  const id = useId()
  const [person] = usePerson()
  const queries = useQueryClient()
  const send = useMutation({
    mutationFn: (file: File) =>
      ask(
        api.POST('/api/v1/tools/{id}/photos', {
          params: { path: { id: toolId }, query: { person } },
          // The file goes as it is: the service looks at its content, not at its name.
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as File,
          headers: { 'Content-Type': 'application/octet-stream' },
        }),
      ),
    onSuccess: async (photo) => {
      await queries.invalidateQueries({ queryKey: ['profile', toolId] })
      onChoose(photo.id)
    },
  })
  return (
    <div className="space-y-2">
      <label htmlFor={id} className="btn btn-outline min-h-12">
        {send.isPending ? 'One moment…' : 'Take or choose a photograph'}
      </label>
      <input
        id={id}
        type="file"
        accept="image/png,image/jpeg"
        className="sr-only"
        aria-label="Photograph of the edge"
        onChange={(e) => {
          const file = e.target.files?.[0]
          if (file) send.mutate(file)
          e.target.value = ''
        }}
      />
      {send.error instanceof Refused && <Notice kind="danger">{send.error.message}</Notice>}
      {profile.photos.length > 0 && (
        <div role="group" aria-label="Photographs" className="flex flex-wrap gap-2">
          {profile.photos.map((p) => (
            <button
              key={p.id}
              type="button"
              aria-pressed={p.id === chosen}
              className={`btn min-h-11 ${p.id === chosen ? 'btn-neutral' : 'btn-outline'}`}
              onClick={() => onChoose(p.id)}
            >
              {moment(p.takenAt)}
            </button>
          ))}
        </div>
      )}
    </div>
  )
}
