import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { num } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { AbrasiveForm } from './AbrasiveForm'
import { Acts } from './Acts'
import { Care, useCare } from './Care'
import { HolderList, WheelList } from './HolderList'
import { Lists } from './Lists'
import { Remove, Removed } from './Remove'
import { Adder, Row } from './Row'
import { TesterForm } from './TesterForm'
import { useTitle } from '../ui/useTitle'
import { grams } from '../ui/units'

type Abrasive = Schemas['AbrasiveView']

/** Abrasives, what holds an angle, wheels and testers as they really stand, each with what it wants next. */
export function KitPage() {
  useTitle('Kit')
  const kit = useQuery({ queryKey: ['kit'], queryFn: () => ask(api.GET('/api/v1/kit')) })
  const { pending } = useCare()
  const [open, setOpen] = useState('')
  if (kit.isError) return <Trouble error={kit.error} again={() => void kit.refetch()} />
  if (!kit.data || pending) return <Coming />
  const k = kit.data
  const close = () => setOpen('')
  const toggle = (id: string) => setOpen((now) => (now === id ? '' : id))
  return (
    <>
      <h1 className="text-[1.5rem] font-semibold pt-5">The kit</h1>
      <Removed />
      <Care />
      <section aria-label="Abrasives" className="pt-8">
        <h2 className="text-[1.05rem] quiet rule-b pb-1">Abrasives, in the order of the shelf</h2>
        {k.abrasives.length === 0 && (
          <p className="py-3 max-w-[36rem]">
            What cuts goes here: stones, plates, paper, strops. A plan can only use what stands on this shelf.
          </p>
        )}
        <ul>
          {k.abrasives.map((a) => (
            <li key={a.id} className="rule-b">
              <button
                type="button"
                className="w-full text-left min-h-16 py-2 grid grid-cols-[minmax(0,1fr)_auto] sm:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)_minmax(0,1fr)] gap-x-4 items-center"
                aria-expanded={open === a.id}
                onClick={() => toggle(a.id)}
              >
                <span className="min-w-0">
                  <span className="font-semibold text-[1.1rem]">{a.name}</span>
                  <span className="block quiet">
                    {a.kind}
                    {a.favourite && ', a favourite'}
                    {a.laps && ', flattens others'}
                    {a.otherSide && `, one piece with the ${a.otherSide}`}
                  </span>
                </span>
                <span className="text-right sm:text-left">
                  <Grain a={a} />
                </span>
                <span className={a.ready ? 'quiet' : 'font-semibold'}>{a.next}</span>
              </button>
              {open === a.id && (
                <>
                  <Acts a={a} />
                  <AbrasiveForm key={a.version} kit={k} abrasive={a} onDone={close} />
                  <Remove list="abrasives" id={a.id} name={a.name} />
                </>
              )}
            </li>
          ))}
        </ul>
        <Adder open={open === 'abrasive'} toggle={() => toggle('abrasive')} label="Add an abrasive">
          <AbrasiveForm kit={k} onDone={close} />
        </Adder>
        <Lists />
      </section>
      <HolderList kit={k} open={open} toggle={toggle} />
      <WheelList kit={k} open={open} toggle={toggle} />
      <section aria-label="Testers" className="pt-8">
        <h2 className="text-[1.05rem] quiet rule-b pb-1">Edge testers</h2>
        <ul>
          {k.testers.map((t) => (
            <Row
              key={t.id}
              name={t.name}
              of={{ list: 'testers', id: t.id }}
              open={open === t.id}
              toggle={() => toggle(t.id)}
              form={<TesterForm tester={t} onDone={close} />}
            >
              a new utility blade reads {grams(t.referenceG)}
            </Row>
          ))}
        </ul>
        <Adder open={open === 'tester'} toggle={() => toggle('tester')} label="Add a tester">
          <TesterForm onDone={close} />
        </Adder>
      </section>
    </>
  )
}

function Grain({ a }: { a: Abrasive }) {
  if (a.d50Um === 0) return <span className="quiet">no grain</span>
  return (
    <>
      {num(a.d50Um, 2)} µm
      {a.grainEvidence === 'EXTRAPOLATED' && <span title="carried on beyond the standard's table"> ?</span>}
      <span className="block quiet">{a.grit}</span>
    </>
  )
}
