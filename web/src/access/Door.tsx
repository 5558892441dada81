import type { ReactNode } from 'react'
import { useSignedOut } from '../api/signedOut'
import { SignIn } from './SignIn'

/** Stands before every page. What stands on one stays there beneath, and goes on once the device is signed in. */
export function Door({ children }: { children: ReactNode }) {
  const out = useSignedOut()
  return (
    <>
      {out && <SignIn />}
      <div hidden={out}>{children}</div>
    </>
  )
}
