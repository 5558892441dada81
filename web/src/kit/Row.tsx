import type { ReactNode } from 'react'
import { Remove } from './Remove'
import type { KitList } from './removed'

interface RowProps {
  name: string
  open: boolean
  toggle: () => void
  children: ReactNode
  form: ReactNode
  /** The list it stands in and its key there, so that it can be deleted. */
  of: { list: KitList; id: string }
}

/** One thing of the kit; touched, it opens to be changed. */
export function Row({ name, open, toggle, children, form, of }: RowProps) {
  return (
    <li className="rule-b">
      <button type="button" className="w-full text-left min-h-16 py-2" aria-expanded={open} onClick={toggle}>
        <span className="font-semibold text-[1.1rem]">{name}</span>
        <span className="block">{children}</span>
      </button>
      {open && form}
      {open && <Remove {...of} name={name} />}
    </li>
  )
}

/** Opens the form for one thing more. */
export function Adder({
  open,
  toggle,
  label,
  children,
}: {
  open: boolean
  toggle: () => void
  label: string
  children: ReactNode
}) {
  return (
    <div className="pt-3">
      <button type="button" className="btn btn-outline min-h-12" aria-expanded={open} onClick={toggle}>
        {label}
      </button>
      {open && children}
    </div>
  )
}
