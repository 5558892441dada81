import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, ask, Refused } from '../api/client'
import { keep, kept } from '../api/local'
import { signedIn } from '../api/signedOut'
import { Field } from '../ui/Field'
import { Notice } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'

/** A device of the network that is not signed in sees this and nothing of the shop. */
export function SignIn() {
  useTitle('Sign in')
  const queries = useQueryClient()
  const [passphrase, setPassphrase] = useState('')
  const [name, setName] = useState(kept('tablet-name') ?? '')
  const enter = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/access/sign-in', { body: { passphrase, tablet: name } })),
    onSuccess: () => {
      keep('tablet-name', name)
      setPassphrase('')
      signedIn()
      void queries.invalidateQueries()
    },
  })
  const refused = enter.error instanceof Refused ? enter.error : null
  const submit = (e: FormEvent) => {
    e.preventDefault()
    if (!enter.isPending) enter.mutate()
  }
  return (
    <main className="px-4 sm:px-6 pt-6 max-w-[30rem] mx-auto">
      <h1 className="text-[1.4rem] font-semibold">Sign this device in</h1>
      <p className="py-3">
        It is not known at this bench. The owner of the shop has the passphrase. What was counted on this
        device is kept and sent once it is signed in.
      </p>
      <form onSubmit={submit} className="space-y-4">
        <Field
          label="Passphrase"
          type="password"
          value={passphrase}
          onChange={setPassphrase}
          error={refused?.at('passphrase')}
        />
        <Field
          label="What this device is called"
          value={name}
          onChange={setName}
          hint="such as: tablet by the window. By it the owner can sign it out."
        />
        <button
          type="submit"
          className="btn btn-primary min-h-14 w-full text-[1.1rem]"
          disabled={enter.isPending}
        >
          Sign in
        </button>
      </form>
      {enter.error && !refused?.at('passphrase') && <Notice kind="danger">{enter.error.message}</Notice>}
    </main>
  )
}
