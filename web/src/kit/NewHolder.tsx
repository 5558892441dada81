import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Pick } from '../ui/Field'
import { upper } from '../ui/format'
import { HolderDrawing } from './HolderDrawing'
import { HolderForm } from './HolderForm'
import type { Kit } from './kit.types'
import { TeachAtWheel } from './TeachAtWheel'
import { TeachGuide } from './TeachGuide'

type Kind = Schemas['HolderKindView']['key']
type Known = 'GIVES' | 'CALIPER' | 'NOTHING'

/** A new thing that holds an angle: chosen from drawings, then taught as its owner knows it. */
export function NewHolder({ kit, onDone }: { kit: Kit; onDone: () => void }) {
  const [key, setKey] = useState<Kind>('ROLLER_GUIDE')
  const [known, setKnown] = useState<Known>('GIVES')
  const kind = kit.holderKinds.find((k) => k.key === key)
  return (
    <div>
      <fieldset className="pt-2">
        <legend className="text-[0.92rem] pb-1">Which of these is it?</legend>
        <div className="grid grid-cols-2 sm:grid-cols-3 lg:grid-cols-5 gap-3">
          {kit.holderKinds.map((k) => (
            <button
              key={k.key}
              type="button"
              aria-pressed={key === k.key}
              onClick={() => setKey(k.key)}
              className={`border-[3px] rounded p-2 flex flex-col items-center justify-between gap-1 text-center leading-tight ${
                key === k.key ? 'border-primary bg-base-200 font-semibold' : 'border-base-300'
              }`}
            >
              <HolderDrawing kind={k.key} />
              <span>{upper(k.words)}</span>
            </button>
          ))}
        </div>
      </fieldset>
      {kind?.onWheel && (
        <div className="pt-3">
          <Pick<Known>
            legend="What do you know of it?"
            value={known === 'NOTHING' ? 'GIVES' : known}
            onChange={setKnown}
            options={[
              { value: 'GIVES', label: 'an angle it gave', note: 'one is enough' },
              { value: 'CALIPER', label: 'its dimensions', note: 'I have a caliper' },
            ]}
          />
        </div>
      )}
      {kind?.blocks && (
        <div className="pt-3">
          <Pick<Known>
            legend="What do you know of it?"
            value={known}
            onChange={setKnown}
            options={[
              {
                value: 'GIVES',
                label: 'what it gives',
                note: 'printed marks, stop blocks, a measured angle',
              },
              { value: 'CALIPER', label: 'its dimensions', note: 'I have a caliper' },
              { value: 'NOTHING', label: 'I do not know', note: 'take it as usual' },
            ]}
          />
        </div>
      )}
      {kind?.onWheel && known !== 'CALIPER' ? (
        <TeachAtWheel key={key} kit={kit} kind={kind} onDone={onDone} />
      ) : kind?.blocks && known !== 'CALIPER' ? (
        <TeachGuide key={key} kind={key} known={known === 'GIVES'} onDone={onDone} />
      ) : (
        <HolderForm key={key} kit={kit} kind={key} onDone={onDone} />
      )}
    </div>
  )
}
