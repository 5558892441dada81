import { mm } from '../ui/units'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Field, Pick } from '../ui/Field'
import { upper } from '../ui/format'
import { Notice } from '../ui/Notice'
import { Advised } from '../ui/Why'

/** It steamed at the dip, or changed colour: what to do now. */
export function SeenAtWheel({ toolId, passes }: { toolId: string; passes: number }) {
  const signs =
    useQuery({
      queryKey: ['wheel-signs'],
      queryFn: () => ask(api.GET('/api/v1/wheel-signs')),
      staleTime: Infinity,
    }).data ?? []
  const [sign, setSign] = useState<Schemas['SeenForm']['sign']>('STEAM')
  const [extent, setExtent] = useState('')
  const answer = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/tools/{id}/repair/seen', {
          params: { path: { id: toolId } },
          body: { sign, extent, passes },
        }),
      ),
  })
  const colour = signs.find((s) => s.sign === sign)?.colour ?? false
  const refused = answer.error instanceof Refused ? answer.error : undefined
  const told = answer.data
  return (
    <details className="rule-t pt-1">
      <summary className="min-h-11 flex items-center cursor-pointer font-semibold">
        It steamed, or it changed colour
      </summary>
      <div className="space-y-2">
        <Pick
          legend="What was seen"
          value={sign}
          onChange={(s) => {
            setSign(s)
            answer.reset()
          }}
          options={signs.map((s) => ({ value: s.sign, label: upper(s.words) }))}
        />
        {colour && (
          <Field
            label="it reaches so far behind the edge"
            of="length"
            value={extent}
            onChange={setExtent}
            error={refused?.at('extent')}
            hint={`such as ${mm(2, 0)}`}
          />
        )}
        <button
          type="button"
          className="btn btn-outline min-h-12"
          onClick={() => answer.mutate()}
          disabled={answer.isPending}
        >
          What to do now
        </button>
        {refused && !refused.at('extent') && <Notice kind="danger">{refused.message}</Notice>}
        {told && (
          <div role="status" className="border-l-4 border-warning pl-3">
            <p className="font-semibold">{told.act}</p>
            {told.past && (
              <p>
                Soft steel may reach so far: <Advised advice={told.past} digits={1} />
              </p>
            )}
            <p>{told.why}</p>
            {told.dip && <p>{told.dip}</p>}
          </div>
        )}
      </div>
    </details>
  )
}
