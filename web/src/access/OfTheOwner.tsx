import { moment } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { Code } from './Code'
import { Passphrase } from './Passphrase'
import { useSignOut, useTablets, useTakeFromHands, type Tablets } from './useTablets'

/** How devices are let in, which are, and how one is put out: what the owner sees of it. */
export function OfTheOwner() {
  const tablets = useTablets()
  if (tablets.isError) return <Trouble error={tablets.error} again={() => void tablets.refetch()} />
  if (!tablets.data) return <Coming />
  const t = tablets.data
  return (
    <>
      {!t.wanted && (
        <Notice>
          Only this machine is served now. To let other devices of the shop’s network in, set the owner’s
          passphrase here, then start with <code>./start --lan</code>.
        </Notice>
      )}
      {t.wanted && !t.ownerSet && (
        <Notice kind="warn">No other device is let in yet: first the owner needs a passphrase.</Notice>
      )}
      {t.addresses.length > 0 && <HowToOpen tablets={t} />}
      <section aria-label="Passphrases" className="pt-4">
        <h2 className="quiet rule-b pb-0.5">Passphrases</h2>
        <div className="grid lg:grid-cols-2 gap-x-10">
          <Passphrase who="owner" isSet={t.ownerSet} />
          {t.ownerSet && (
            <div>
              <Passphrase who="hand" isSet={t.handSet} />
              {t.handSet && <TakeFromHands />}
            </div>
          )}
        </div>
      </section>
      <SignedIn tablets={t} />
    </>
  )
}

function HowToOpen({ tablets: t }: { tablets: Tablets }) {
  return (
    <section aria-label="How a device opens it" className="pt-3 flex flex-wrap gap-x-8 gap-y-4">
      <Code rows={t.code} of={t.addresses[0]!} />
      <div className="max-w-[34rem]">
        <h2 className="quiet rule-b pb-0.5">On the tablet</h2>
        <ol className="list-decimal pl-5 pt-2 space-y-1">
          <li>Join the shop’s own network, no guest network.</li>
          <li>
            Look at the code with the camera, or type{' '}
            {t.addresses.map((a, i) => (
              <span key={a}>
                {i > 0 && ' or '}
                <strong className="break-all">{a}</strong>
              </span>
            ))}
            .
          </li>
          <li>
            The browser warns once, for the shop made its certificate itself. Look at the certificate: its
            SHA-256 fingerprint must be this one; then go on.
          </li>
          <li>Sign in with a passphrase.</li>
        </ol>
        <p className="pt-2 font-mono text-[0.85rem] break-all" aria-label="Fingerprint of the certificate">
          {t.fingerprint}
        </p>
      </div>
    </section>
  )
}

function TakeFromHands() {
  const take = useTakeFromHands()
  return (
    <>
      <button
        type="button"
        className="btn btn-ghost min-h-11"
        disabled={take.isPending}
        onClick={() => take.mutate(undefined)}
      >
        Hands need none any more: sign them all out
      </button>
      {take.error && <Notice kind="danger">{take.error.message}</Notice>}
    </>
  )
}

function SignedIn({ tablets }: { tablets: Tablets }) {
  const out = useSignOut()
  return (
    <section aria-label="Signed in" className="pt-5">
      <h2 className="quiet rule-b pb-0.5">Signed in</h2>
      {tablets.tablets.length === 0 && <p className="py-3">No other device is signed in.</p>}
      <ul>
        {tablets.tablets.map((t) => (
          <li key={t.id} className="rule-b py-1.5 flex flex-wrap gap-x-4 items-center">
            <p className="flex-1 min-w-[12rem] break-words">
              <strong>{t.name}</strong>
              {t.thisOne && ' (this one)'}, {t.owner ? 'as the owner' : 'as a hand'}
            </p>
            <p className="quiet">
              since {moment(t.since)}, last seen {moment(t.lastSeen)} from {t.address}
            </p>
            <button
              type="button"
              className="btn btn-outline min-h-11"
              disabled={out.isPending}
              onClick={() => out.mutate(t.id)}
            >
              Sign out {t.name}
            </button>
          </li>
        ))}
      </ul>
      {out.error && <Notice kind="danger">{out.error.message}</Notice>}
    </section>
  )
}
