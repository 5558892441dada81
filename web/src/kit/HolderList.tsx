import { useState } from 'react'
import { askCalculator } from '../api/calculator'
import type { Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { PrintLink } from '../tool/SetupCard'
import { Field } from '../ui/Field'
import { day, num, typed } from '../ui/format'
import { Calibrate } from './Calibrate'
import { HolderForm } from './HolderForm'
import { NewHolder } from './NewHolder'
import type { Kit } from './kit.types'
import { Adder, Row } from './Row'
import { Restated } from './Restated'
import { TruingForm, WheelForm } from './WheelForm'
import { typedShown, withoutUnit } from '../ui/typed'
import { lengthUnit, mm, mmList } from '../ui/units'

interface Props {
  kit: Kit
  open: string
  toggle: (id: string) => void
}

/** What holds an angle, each with its dimensions, calibration and boards. */
export function HolderList({ kit: k, open, toggle }: Props) {
  const [changed, setChanged] = useState<Schemas['ChangedView']>()
  const done = (c?: Schemas['ChangedView']) => {
    setChanged(c)
    toggle('')
  }
  return (
    <section aria-label="What holds the angle" className="pt-8">
      <h2 className="text-[1.05rem] quiet rule-b pb-1">What holds the angle</h2>
      {changed && <Restated changed={changed} />}
      {k.holders.length === 0 && (
        <p className="py-3 max-w-[36rem]">
          Guides, rests, bars, wedges, even a pack of cards: whatever sets an angle goes here once, by its
          dimensions, and every tool can be held with it. Hands alone need no place.
        </p>
      )}
      <ul>
        {k.holders.map((h) => (
          <Row
            key={h.id}
            name={h.name}
            of={{ list: 'holders', id: h.id }}
            open={open === h.id}
            toggle={() => toggle(h.id)}
            form={
              <>
                <HolderForm kit={k} holder={h} onDone={done} />
                {h.kind.endsWith('GUIDE') && (
                  <>
                    <Calibrate key={h.version} holder={h} onDone={setChanged} />
                    <Board holder={h} />
                  </>
                )}
                {h.kind === 'WEDGE_BLOCK' && <Wedges start={typed(h.parts['wedge'] ?? 15, 2)} />}
              </>
            }
          >
            <span className="quiet">{h.kindWords}</span>
            {h.wheel && <span className="quiet">, at the {h.wheel}</span>}
            {h.measures.length > 0 && (
              <span className="block">
                {h.measures.map((m) => `${m.label.toLowerCase()} ${m.value}`).join(', ')}
              </span>
            )}
            {h.blocksTyped && (
              <span className="block">
                stop blocks {typedShown(h.blocksTyped, 'length')} {withoutUnit(h.blocksTyped) && lengthUnit()}
              </span>
            )}
            {h.calibratedAt && (
              <span className="block">
                calibrated {day(h.calibratedAt)}
                {h.calibration &&
                  h.calibration.worstErrorDeg !== null &&
                  `, angles known to ${num(h.calibration.worstErrorDeg, 1)}°`}
              </span>
            )}
            <span className="block quiet">{h.note}</span>
          </Row>
        ))}
      </ul>
      <Adder open={open === 'holder'} toggle={() => toggle('holder')} label="Add what holds an angle">
        <NewHolder kit={k} onDone={done} />
      </Adder>
      <Adder open={open === 'print'} toggle={() => toggle('print')} label="Print wedges or a protractor">
        <Wedges start="10, 12.5, 15, 17.5, 20" />
        <PrintLink href="/api/v1/print/protractor.pdf">Protractor card, PDF</PrintLink>
      </Adder>
    </section>
  )
}

/** A stop board at true scale for the angles of a guide. */
function Board({ holder: h }: { holder: Schemas['HolderView'] }) {
  const [angles, setAngles] = useState('25, 30, 35')
  const [thickness, setThickness] = useState('')
  const face = h.kind === 'FACE_GUIDE'
  const asked = {
    rollerRadius: h.parts['rollerRadius'],
    axleBelowBack: h.parts['axleBelowBack'],
    axleSetback: h.parts['axleSetback'],
    angles,
  }
  const blocks = useAnswer('stop-blocks', h.id, asked, (q) => askCalculator('stop-blocks', q), !face)
  const lengths = blocks.data?.['blocks']
  const query = `holder=${h.id}&angles=${encodeURIComponent(angles)}&thickness=${encodeURIComponent(thickness)}`
  return (
    <section aria-label="Stop board" className="py-3 max-w-[44rem]">
      <h3 className="font-semibold">A stop board at true scale</h3>
      <div className="grid sm:grid-cols-2 gap-3">
        <Field
          label="Angles on the board"
          value={angles}
          onChange={setAngles}
          error={blocks.isError ? blocks.error.message : undefined}
          hint={
            Array.isArray(lengths) && !blocks.isError
              ? 'blocks: ' + mmList(lengths as number[], 2)
              : 'with commas'
          }
        />
        {face && (
          <Field of="length" label="Thickness of the blade" value={thickness} onChange={setThickness} />
        )}
      </div>
      <p className="flex flex-wrap gap-x-5">
        <PrintLink href={`/api/v1/print/stop-board.pdf?${query}`}>Stop board, PDF</PrintLink>
        <PrintLink href={`/api/v1/print/stop-board.svg?${query}`}>Stop board, SVG</PrintLink>
      </p>
    </section>
  )
}

/** Wedges to cut, and one to make as a solid. */
function Wedges({ start }: { start: string }) {
  const [angles, setAngles] = useState(start)
  const first = angles.split(/[;,]/)[0]?.trim() ?? ''
  return (
    <section aria-label="Wedges" className="py-3 max-w-[44rem]">
      <Field
        label="Angles of the wedges"
        value={angles}
        onChange={setAngles}
        hint="with commas, 1° to 60°; the solid takes the first"
      />
      <p className="flex flex-wrap gap-x-5">
        <PrintLink href={`/api/v1/print/wedges.pdf?angles=${encodeURIComponent(angles)}`}>
          Wedges, PDF
        </PrintLink>
        <PrintLink href={`/api/v1/print/wedges.svg?angles=${encodeURIComponent(angles)}`}>
          Wedges, SVG
        </PrintLink>
        <PrintLink
          href={`/api/v1/print/wedge.stl?angle=${encodeURIComponent(first)}`}
        >{`Block of ${first}°, STL`}</PrintLink>
      </p>
    </section>
  )
}

/** Wheels with how they have worn. */
export function WheelList({ kit: k, open, toggle }: Props) {
  const [changed, setChanged] = useState<Schemas['ChangedView']>()
  return (
    <section aria-label="Wheels" className="pt-8">
      <h2 className="text-[1.05rem] quiet rule-b pb-1">Wheels</h2>
      {changed && <Restated changed={changed} />}
      <ul>
        {k.wheels.map((w) => (
          <Row
            key={w.id}
            name={w.name}
            of={{ list: 'wheels', id: w.id }}
            open={open === w.id}
            toggle={() => toggle(w.id)}
            form={
              <>
                <TruingForm wheel={w} onDone={setChanged} />
                <WheelForm
                  key={w.version}
                  kit={k}
                  wheel={w}
                  onDone={(c) => {
                    setChanged(c)
                    toggle('')
                  }}
                />
              </>
            }
          >
            {mm(w.diameterMm, 1)} now
            {w.truings.length > 1 && (
              <span className="quiet">
                {' '}
                ({w.truings.map((t) => `${num(t.diameterMm, 1)} on ${day(t.at)}`).join(', ')})
              </span>
            )}
            <span className="block quiet">
              {w.kindWords}
              {w.speedMs !== null && `, ${num(w.speedMs)} m/s at the rim`}
              {w.markedMs !== null && `, marked for ${num(w.markedMs)} m/s`}
              {w.holders.length > 0 && `, used by ${w.holders.join(' and ')}`}
            </span>
            <span className="block quiet">{w.note}</span>
          </Row>
        ))}
      </ul>
      <Adder open={open === 'wheel'} toggle={() => toggle('wheel')} label="Add a wheel">
        <WheelForm kit={k} onDone={() => toggle('')} />
      </Adder>
    </section>
  )
}
