import { useState } from 'react'

interface ActionsProps {
  gated: boolean
  open: boolean
  /** What was seen stands in the way. */
  shut: boolean
  deciding: boolean
  undoable: boolean
  leftHanded: boolean
  onGo: () => void
  onNotYet: () => void
  onUndo: () => void
  onSkip: (note: string) => void
}

/** What ends a step, always in the same place: go on in the corner of the working hand, the rest beside it. */
export function Actions(p: ActionsProps) {
  const [skipping, setSkipping] = useState(false)
  const go = p.deciding
    ? 'Waiting to be confirmed…'
    : p.shut
      ? 'Look again'
      : p.gated
        ? 'Yes, go on'
        : 'Done, go on'
  return (
    <div data-actions className="fixed inset-x-0 bottom-0 z-30 bg-base-100 rule-t px-3 sm:px-6 py-2">
      {skipping && <Skip onSkip={p.onSkip} />}
      <div className={`flex gap-2 sm:gap-3 ${p.leftHanded ? 'flex-row-reverse' : ''}`}>
        <button
          type="button"
          className="btn btn-outline min-h-[72px] px-3"
          disabled={!p.open || !p.undoable}
          onClick={p.onUndo}
        >
          Undo
        </button>
        <button
          type="button"
          className="btn btn-outline min-h-[72px] px-3"
          disabled={!p.open}
          aria-label="Skip this step"
          aria-expanded={skipping}
          onClick={() => setSkipping(!skipping)}
        >
          Skip<span className="hidden sm:inline"> this step</span>
        </button>
        <span className="hidden sm:block flex-1" />
        {p.gated && (
          <button
            type="button"
            className="btn btn-outline min-h-[72px] px-2 sm:px-3 mx-2.5 at-arm"
            disabled={!p.open}
            onClick={p.onNotYet}
          >
            Not yet
          </button>
        )}
        <button
          type="button"
          className="btn btn-primary min-h-[72px] px-2 sm:px-10 flex-1 sm:flex-none min-w-0 whitespace-normal leading-tight text-[1.1rem] sm:text-[1.25rem]"
          disabled={!p.open || p.shut}
          onClick={p.onGo}
        >
          {go}
        </button>
      </div>
    </div>
  )
}

function Skip({ onSkip }: { onSkip: (note: string) => void }) {
  const [note, setNote] = useState('')
  return (
    <div className="flex gap-3 items-end pb-2 max-w-[40rem]">
      <label className="flex-1">
        <span className="block mb-1">Why is it left out</span>
        <input
          className="input w-full h-14 text-[1.1rem]"
          value={note}
          onChange={(e) => setNote(e.target.value)}
        />
      </label>
      <button
        type="button"
        className="btn min-h-[72px]"
        disabled={note.trim() === ''}
        onClick={() => onSkip(note)}
      >
        Skip
      </button>
    </div>
  )
}
