import { Link } from 'wouter'
import { Backups } from '../backup/Backups'
import { useInstallation } from '../ui/installation'
import { useTitle } from '../ui/useTitle'
import { Owners } from './Owners'
import { People } from './People'
import { Prints } from './Prints'
import { PriceList } from '../ticket/PriceList'
import { UnitsForm } from './UnitsForm'

/** What the shop is made of beside its tools and its kit: whose tools come in, who works here, what it measures in, what is printed, its backups. */
export function ShopPage() {
  useTitle('Shop')
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">The shop</h1>
      <div className="grid lg:grid-cols-2 gap-x-10">
        <Owners />
        <People />
      </div>
      <UnitsForm />
      <PriceList />
      <Prints />
      <Backups />
      <Version />
    </>
  )
}

/** What this is, and of which edition its records are. */
function Version() {
  const installation = useInstallation()
  if (!installation.data) return null
  return (
    <p className="quiet pt-2">
      {installation.data.application}, records of edition {installation.data.edition}.{' '}
      <Link href="/guide" className="underline underline-offset-4 min-h-11 inline-flex items-center">
        The guide
      </Link>
    </p>
  )
}
