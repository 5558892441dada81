import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask } from '../api/client'
import { Choice } from '../ui/Field'
import { NewCrew } from './NewCrew'

const SOMEBODY_NEW = 'new'

/** Whose a tool is: one of the owners the shop knows, or somebody new. */
export function OwnerChoice({
  value,
  onChange,
  error,
}: {
  value: string
  onChange: (crewId: string) => void
  error: string | undefined
}) {
  const crews = useQuery({ queryKey: ['crews'], queryFn: () => ask(api.GET('/api/v1/crews')) })
  const [somebodyNew, setSomebodyNew] = useState(false)
  const none = crews.data?.length === 0
  return (
    <div className="grid gap-2">
      <Choice
        label="Whose it is"
        value={somebodyNew ? SOMEBODY_NEW : value}
        onChange={(chosen) => {
          setSomebodyNew(chosen === SOMEBODY_NEW)
          onChange(chosen === SOMEBODY_NEW ? '' : chosen)
        }}
        empty="choose the owner"
        options={[
          ...(crews.data ?? []).map((c) => ({ value: c.id, label: c.name })),
          ...(none ? [] : [{ value: SOMEBODY_NEW, label: 'somebody new…' }]),
        ]}
        error={error}
      />
      {(none || somebodyNew) && (
        <NewCrew
          says={none ? 'No owner is known yet. Name the first one.' : ''}
          onMade={(id) => {
            setSomebodyNew(false)
            onChange(id)
          }}
        />
      )}
    </div>
  )
}
