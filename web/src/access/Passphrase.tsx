import { useState, type FormEvent } from 'react'
import { Refused } from '../api/client'
import { Field } from '../ui/Field'
import { Notice } from '../ui/Notice'
import { useSetPassphrase, type Who } from './useTablets'

const WORDS: Record<Who, { label: string; may: string }> = {
  owner: { label: 'Passphrase of the owner', may: 'With it a device may do everything.' },
  hand: {
    label: 'Passphrase of the hands',
    may: 'With it a device surveys, plans, works, tests and logs; it deletes nothing for good, changes no rules and prices, and takes no backup away.',
  },
}

/** One passphrase: set, or set anew. */
export function Passphrase({ who, isSet }: { who: Who; isSet: boolean }) {
  const [phrase, setPhrase] = useState('')
  const set = useSetPassphrase(who)
  const refused = set.error instanceof Refused ? set.error : null
  const words = WORDS[who]
  const submit = (e: FormEvent) => {
    e.preventDefault()
    if (!set.isPending) set.mutate(phrase, { onSuccess: () => setPhrase('') })
  }
  return (
    <form onSubmit={submit} className="pt-3 max-w-[34rem]">
      <Field
        label={isSet ? `${words.label}: another one` : words.label}
        type="password"
        value={phrase}
        onChange={setPhrase}
        error={refused?.at('passphrase')}
        hint="ten signs or more: a few words that nobody guesses"
      />
      <p className="quiet pt-1">
        {words.may}
        {isSet && ' Setting another signs out every device that used the old one.'}
      </p>
      <button
        type="submit"
        className="btn btn-outline min-h-12 mt-2"
        disabled={set.isPending || phrase === ''}
      >
        {isSet ? 'Change it' : 'Set it'}
      </button>
      {set.isSuccess && (
        <p role="status" className="inline-block pl-3">
          It is set.
        </p>
      )}
      {set.error && !refused?.at('passphrase') && <Notice kind="danger">{set.error.message}</Notice>}
    </form>
  )
}
