import { Link } from 'wouter'
import { useAccess } from '../access/useTablets'
import { Backups } from '../backup/Backups'
import { useInstallation } from '../ui/installation'
import { useTitle } from '../ui/useTitle'
import { Lists } from './Lists'
import { Owners } from './Owners'
import { People } from './People'
import { Prints } from './Prints'
import { PriceList } from '../ticket/PriceList'
import { UnitsForm } from './UnitsForm'

const PAGES = [
  { path: '/tablets', name: 'Tablets at the bench', says: 'other devices of the shop’s network' },
  { path: '/changes', name: 'What was changed', says: 'of tools, kit and rules: by whom, from what to what' },
  { path: '/guide', name: 'The guide', says: 'chapter by chapter, or on one page to print' },
]

/** What the shop is made of beside its tools and its kit: whose tools come in, who works here, what it measures in, what is printed, its backups. */
export function ShopPage() {
  useTitle('Shop')
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">The shop</h1>
      <div className="grid lg:grid-cols-2 gap-x-10">
        <Owners />
        <div>
          <People />
          <Elsewhere />
          <Lists />
        </div>
      </div>
      <UnitsForm />
      <PriceList />
      <Prints />
      <OwnersBackups />
      <Version />
    </>
  )
}

/** Backups, for whom they are. */
function OwnersBackups() {
  const access = useAccess()
  if (!access.data) return null
  return access.data.owner ? (
    <Backups />
  ) : (
    <p className="quiet pt-5 max-w-[46rem]">
      The owner has the backups. This device is signed in as a hand: more on the page Tablets at the bench.
    </p>
  )
}

/** What has a page of its own. */
function Elsewhere() {
  return (
    <section aria-label="Elsewhere" className="pt-5">
      <h2 className="quiet rule-b pb-0.5">On pages of their own</h2>
      <ul>
        {PAGES.map((p) => (
          <li key={p.path} className="rule-b py-1 flex flex-wrap gap-x-4 items-center">
            <Link href={p.path} className="underline underline-offset-4 min-h-11 inline-flex items-center">
              {p.name}
            </Link>
            <span className="quiet">{p.says}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What this is, and of which edition its records are. */
function Version() {
  const installation = useInstallation()
  if (!installation.data) return null
  return (
    <p className="quiet pt-2">
      {installation.data.application}, records of edition {installation.data.edition}.
    </p>
  )
}
