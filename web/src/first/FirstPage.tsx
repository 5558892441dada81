import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { LENGTHS, pickUnits, useShopUnits } from '../shop/units'
import { Act } from '../ui/Act'
import { Coming, Trouble } from '../ui/Notice'
import { KitDrawing, ToolDrawing } from './drawings'
import { RuleDrawing } from './RuleDrawing'
import { useTitle } from '../ui/useTitle'

/** What is sharpened first, by the work it is put to. */
const FIRST = [
  { trade: 'bench chisel / general bench work', name: 'chisel', drawing: 'CHISEL' },
  { trade: 'plane iron bevel down / smoothing', name: 'plane iron', drawing: 'IRON' },
  { trade: 'kitchen knife / general', name: 'kitchen knife', drawing: 'KNIFE' },
  { trade: 'pocket knife / general', name: 'pocket knife', drawing: 'POCKET' },
  { trade: 'axe / felling', name: 'axe', drawing: 'AXE' },
  { trade: 'shears / garden', name: 'garden shears', drawing: 'SHEARS' },
  { trade: 'drawknife / general', name: 'drawknife', drawing: 'DRAWKNIFE' },
  { trade: 'rotary mower bar / grass', name: 'mower bar', drawing: 'BAR' },
]

type Lengths = Schemas['UnitsView']['lengths']

/** An empty shop asks, in pictures: what is sharpened, on what, what holds it; and how its rule is read. */
export function FirstPage() {
  useTitle('The first evening')
  const [trade, setTrade] = useState(FIRST[0]!.trade)
  const units = useShopUnits()
  const [lengths, setLengths] = useState<Lengths | null>(null)
  const [touched, setTouched] = useState<string[]>([])
  const [, go] = useLocation()
  const queries = useQueryClient()
  const common = useQuery({
    queryKey: ['kit', 'common'],
    queryFn: () => ask(api.GET('/api/v1/kit/common')),
  })
  // Nobody is taken for a user of inches, nor of millimetres: what was picked before stands, else it is asked.
  const measured = lengths ?? (units.data?.picked ? units.data.lengths : null)
  const begin = useMutation({
    mutationFn: async () => {
      if (units.data && measured) await pickUnits({ ...units.data, lengths: measured })
      if (touched.length > 0) await ask(api.POST('/api/v1/kit/common', { body: { keys: touched } }))
      const crews = await ask(api.GET('/api/v1/crews'))
      if (crews.length === 0) await ask(api.POST('/api/v1/crews', { body: { name: 'mine' } }))
    },
    onSuccess: () => {
      void queries.invalidateQueries()
      go(`/take-in?first=${encodeURIComponent(trade)}`)
    },
  })
  if (common.isError) return <Trouble error={common.error} />
  if (!common.data) return <Coming />
  const cuts = common.data.filter((c) => !c.holds)
  const holds = common.data.filter((c) => c.holds)
  const toggle = (key: string) =>
    setTouched(touched.includes(key) ? touched.filter((k) => k !== key) : [...touched, key])
  const some = touched.length > 0 || cuts.some((c) => c.there)
  const ready = some && measured !== null
  return (
    <>
      <h1 className="text-[1.5rem] font-semibold pt-3">The first evening</h1>
      <p className="quiet max-w-[44rem]">
        Four touches, and the first stroke is a few pages away. Everything can be changed afterwards.
      </p>
      <Trouble error={begin.error} />
      <Question title="What do you sharpen first?">
        {FIRST.map((f) => (
          <Pick
            key={f.trade}
            words={f.name}
            pressed={trade === f.trade}
            onClick={() => setTrade(f.trade)}
            drawing={<ToolDrawing kind={f.drawing} />}
          />
        ))}
      </Question>
      <Question title="What have you got to sharpen it with?">
        {cuts.map((c) => (
          <Pick
            key={c.key}
            words={c.there ? `${c.title}, there already` : c.title}
            pressed={c.there || touched.includes(c.key)}
            disabled={c.there}
            onClick={() => toggle(c.key)}
            drawing={<KitDrawing kind={c.drawing} />}
          />
        ))}
      </Question>
      <div className="grid lg:grid-cols-2 gap-x-3">
        <Question title="What holds it?" half>
          <Pick
            words="My hands"
            pressed={!holds.some((h) => h.there || touched.includes(h.key))}
            onClick={() => setTouched(touched.filter((k) => !holds.some((h) => h.key === k)))}
            drawing={<KitDrawing kind="HAND" />}
          />
          {holds.map((h) => (
            <Pick
              key={h.key}
              words={h.there ? `${h.title}, there already` : h.title}
              pressed={h.there || touched.includes(h.key)}
              disabled={h.there}
              onClick={() => toggle(h.key)}
              drawing={<KitDrawing kind={h.drawing} />}
            />
          ))}
        </Question>
        <Question title="How does your rule read?" half>
          {LENGTHS.map((l) => (
            <Pick
              key={l.value}
              words={l.label}
              pressed={measured === l.value}
              onClick={() => setLengths(l.value)}
              drawing={<RuleDrawing kind={l.value} />}
            />
          ))}
        </Question>
      </div>
      <Act onClick={() => begin.mutate()} busy={begin.isPending} disabled={!ready}>
        {ready
          ? 'Take the first one in'
          : some
            ? 'Say how your rule reads first'
            : 'Touch what you have first'}
      </Act>
    </>
  )
}

function Question({ title, half, children }: { title: string; half?: boolean; children: React.ReactNode }) {
  return (
    <fieldset className="mt-4">
      <legend className="text-[1.15rem] font-semibold pb-1.5">{title}</legend>
      <div className={`grid grid-cols-2 sm:grid-cols-4 gap-3 ${half ? '' : 'lg:grid-cols-8'}`}>
        {children}
      </div>
    </fieldset>
  )
}

interface PickProps {
  words: string
  pressed: boolean
  onClick: () => void
  drawing: React.ReactNode
  disabled?: boolean
}

/** A thing in a picture, taken with one touch. */
function Pick({ words, pressed, onClick, drawing, disabled }: PickProps) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      disabled={disabled}
      onClick={onClick}
      className={`border-[3px] rounded p-2 min-h-[7rem] flex flex-col items-center justify-between gap-1 text-center leading-tight ${
        pressed ? 'border-primary bg-base-200 font-semibold' : 'border-base-300'
      }`}
    >
      {drawing}
      <span>
        {pressed && <span aria-hidden="true">✓ </span>}
        {words}
      </span>
    </button>
  )
}
