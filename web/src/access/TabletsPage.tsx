import { Link } from 'wouter'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { OfTheOwner } from './OfTheOwner'
import { ThisDevice } from './ThisDevice'
import { useAccess } from './useTablets'

/** Devices of the shop's network: what this one may do, and for the owner which others are let in. */
export function TabletsPage() {
  useTitle('Tablets')
  const access = useAccess()
  if (access.isError) return <Trouble error={access.error} again={() => void access.refetch()} />
  if (!access.data) return <Coming />
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">Tablets at the bench</h1>
      {!access.data.here && <ThisDevice access={access.data} />}
      {access.data.owner && <OfTheOwner />}
      <p className="pt-4">
        <Link href="/shop" className="underline underline-offset-4 min-h-11 inline-flex items-center">
          Back to the shop
        </Link>
      </p>
    </>
  )
}
