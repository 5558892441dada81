import { RunProgress } from '../ui/RunProgress'

/** How far the planning is, and the way to end it with the best so far. */
export function Planning({ run }: { run: string }) {
  return (
    <div data-coming className="pt-3">
      <RunProgress
        run={run}
        far={(done, of) => (of > 0 ? `Putting the day in order: ${done} %.` : 'Putting the day in order…')}
        note=""
        name="Share of the planning that is done"
        stop={{ press: 'Take the best so far', pressed: 'Taking the best so far…' }}
      />
    </div>
  )
}
