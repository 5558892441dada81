import { useMutation } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'
import { signOut } from '../api/signedOut'
import { Notice } from '../ui/Notice'

/** What this device is known as, what it may do, and the way to sign it out, by which somebody else signs in. */
export function ThisDevice({ access }: { access: Schemas['AccessView'] }) {
  const out = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/access/sign-out')),
    onSuccess: signOut,
  })
  return (
    <section aria-label="This device" className="pt-3 max-w-[46rem]">
      <h2 className="quiet rule-b pb-0.5">This device</h2>
      <p className="pt-2">
        It is signed in as <strong>{access.tablet}</strong>, {access.owner ? 'as the owner' : 'as a hand'}.{' '}
        {!access.owner &&
          'A hand surveys, plans, works, tests and logs. What deletes for good, the rules, the prices, the units and the backups are the owner’s: sign out here and in again with the owner’s passphrase, or go to the machine itself.'}
      </p>
      <button
        type="button"
        className="btn btn-outline min-h-12 mt-2"
        disabled={out.isPending}
        onClick={() => out.mutate()}
      >
        Sign this device out
      </button>
      {out.error && <Notice kind="danger">{out.error.message}</Notice>}
    </section>
  )
}
