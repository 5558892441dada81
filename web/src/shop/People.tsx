import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ask } from '../api/client'
import { usePerson } from '../ui/person'
import { NameList } from './NameList'

/** Who works at the bench. */
export function People() {
  const queries = useQueryClient()
  const [here, setHere] = usePerson()
  const people = useQuery({ queryKey: ['people'], queryFn: () => ask(api.GET('/api/v1/people')) })
  const saved = <T,>(done: T) => {
    void queries.invalidateQueries()
    return done
  }
  const name = (id: string) => people.data?.find((p) => p.id === id)?.name
  return (
    <NameList
      heading="People at the bench"
      one="person"
      empty="Who works here stands here: what one does is learned by name."
      names={people.data ?? []}
      add={(name) => ask(api.POST('/api/v1/people', { body: { name } })).then(saved)}
      rename={(id, called) =>
        ask(api.PUT('/api/v1/people/{id}', { params: { path: { id } }, body: { name: called } })).then(
          (done) => {
            if (name(id) === here) setHere(done.name)
            return saved(done)
          },
        )
      }
      remove={(id) =>
        ask(api.DELETE('/api/v1/people/{id}', { params: { path: { id } } })).then((done) => {
          if (name(id) === here) setHere('')
          return saved(done)
        })
      }
    />
  )
}
