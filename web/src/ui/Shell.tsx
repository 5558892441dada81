import { useState, type ReactNode } from 'react'
import { Link, useLocation } from 'wouter'
import { keep } from '../api/local'
import { useInstallation } from './installation'
import { Notice } from './Notice'
import { Person } from './Person'

const PLACES = [
  { path: '/', name: 'Board' },
  { path: '/day', name: 'Day' },
  { path: '/tickets', name: 'Tickets' },
  { path: '/rack', name: 'Rack' },
  { path: '/kit', name: 'Kit' },
  { path: '/trials', name: 'Trials' },
  { path: '/house-rules', name: 'Rules' },
  { path: '/reference', name: 'Reference' },
  { path: '/shop', name: 'Shop' },
]

/** The frame of every page but the bench: where one can go, who works here, day or lamp. */
export function Shell({ children }: { children: ReactNode }) {
  const [at] = useLocation()
  return (
    <>
      <header className="print:hidden flex flex-wrap items-center gap-x-2 sm:gap-x-4 px-4 sm:px-6 rule-b">
        <Link
          href="/"
          className="flex items-center gap-2 min-h-12 font-semibold tracking-tight text-[1.1rem]"
        >
          <svg viewBox="0 0 32 20" width="34" height="20" aria-hidden="true" className="max-sm:hidden">
            <path d="M1 18 31 18 31 4 21 4Z" className="steel" strokeWidth="1" />
            <path d="M1 18 9 18 10.4 12.4Z" fill="var(--color-warning)" />
          </svg>
          True Keen
        </Link>
        <Installation />
        <nav aria-label="Places" className="order-last sm:order-none w-full sm:w-auto flex -mx-2 sm:mx-0">
          {PLACES.map((p) => (
            <Link
              key={p.path}
              href={p.path}
              aria-current={at === p.path ? 'page' : undefined}
              className={`min-h-12 min-w-6 grow sm:grow-0 justify-center sm:px-2 text-[0.8rem] sm:text-[1rem] flex items-center whitespace-nowrap ${at === p.path ? 'underline underline-offset-8 decoration-4 decoration-primary font-semibold' : ''}`}
            >
              {p.name}
            </Link>
          ))}
        </nav>
        <div className="ml-auto flex items-center gap-1 sm:gap-2">
          <Person />
          <Lamp />
        </div>
      </header>
      <main className="px-4 sm:px-6 pb-20">
        <Room />
        {children}
      </main>
    </>
  )
}

/** Says which records these are: a demonstration must never be taken for the shop's own. */
function Installation() {
  const installation = useInstallation()
  if (!installation.data?.demonstration) return null
  return (
    <span className="border-2 border-warning rounded px-2 text-[0.85rem] font-semibold whitespace-nowrap">
      Demo<span className="max-sm:sr-only">nstration</span>
    </span>
  )
}

/** Says that the disk is nearly full, while there is still room to save. */
function Room() {
  const left = useInstallation().data?.roomLeftMb ?? null
  if (left === null) return null
  return (
    <Notice kind="danger">
      The disk of the shop is nearly full: {left} MB are left. Make room on it before it is full; then nothing
      can be saved.
    </Notice>
  )
}

function Lamp() {
  const [theme, setTheme] = useState(document.documentElement.dataset.theme ?? 'stone')
  const next = theme === 'stone' ? 'slate' : 'stone'
  return (
    <button
      type="button"
      className="btn btn-ghost min-h-11 px-2 sm:px-4"
      onClick={() => {
        document.documentElement.dataset.theme = next
        keep('theme', next)
        setTheme(next)
      }}
    >
      {theme === 'stone' ? 'Dark' : 'Light'}
      <span className="hidden sm:inline"> screen</span>
    </button>
  )
}
