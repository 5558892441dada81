import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask } from '../api/client'
import { Choice } from '../ui/Field'
import { NameList } from './NameList'
import type { Named } from './named'

/** Whose tools come in. */
export function Owners() {
  const queries = useQueryClient()
  const owners = useQuery({ queryKey: ['crews'], queryFn: () => ask(api.GET('/api/v1/crews')) })
  const saved = <T,>(done: T) => {
    void queries.invalidateQueries()
    return done
  }
  return (
    <NameList
      heading="Owners of tools"
      one="owner"
      empty="Whose tools come in stands here: yourself, a crew, a customer."
      names={owners.data ?? []}
      add={(name) => ask(api.POST('/api/v1/crews', { body: { name } })).then(saved)}
      rename={(id, name) =>
        ask(api.PUT('/api/v1/crews/{id}', { params: { path: { id } }, body: { name } })).then(saved)
      }
      remove={(id) => ask(api.DELETE('/api/v1/crews/{id}', { params: { path: { id } } })).then(saved)}
      beside={(from) => (
        <HandOver
          from={from}
          others={(owners.data ?? []).filter((o) => o.id !== from.id)}
          give={(to) =>
            ask(
              api.POST('/api/v1/crews/{id}/hand-over', { params: { path: { id: from.id } }, body: { to } }),
            ).then(saved)
          }
        />
      )}
    />
  )
}

/** Gives all tools of one owner to another. */
function HandOver({
  from,
  others,
  give,
}: {
  from: Named
  others: Named[]
  give: (to: string) => Promise<unknown>
}) {
  const [to, setTo] = useState('')
  const [said, setSaid] = useState('')
  if (others.length === 0) return null
  return (
    <div className="flex gap-2 items-end">
      <Choice
        label={`Give the tools of ${from.name} to`}
        value={to}
        onChange={setTo}
        empty="choose"
        options={others.map((o) => ({ value: o.id, label: o.name }))}
      />
      <button
        type="button"
        className="btn btn-outline min-h-12"
        disabled={!to}
        onClick={() => void give(to).then(() => setSaid('Given.'))}
      >
        Give
      </button>
      {said && <span role="status">{said}</span>}
    </div>
  )
}
