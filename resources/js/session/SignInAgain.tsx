import { messages } from '../messages'
import { Suspense, useEffect, useRef, useState } from 'react'
import { onSessionEnd } from '../api/send'
import { Drawing } from '../frame/Drawing'
import { onDemand } from '../frame/onDemand'
import { PaperDialog } from '../frame/PaperDialog'

const SignInForm = onDemand(() => import('./SignInForm'), 'SignInForm')

interface Waiter {
    resolve: () => void
    reject: (reason: Error) => void
}

/** Signs in over the page when the session has ended; requests that wait go on afterwards. */
export function SignInAgain() {
    const waiters = useRef<Waiter[]>([])
    const [open, setOpen] = useState(false)
    useEffect(() => {
        onSessionEnd(
            () =>
                new Promise((resolve, reject) => {
                    waiters.current.push({ resolve, reject })
                    setOpen(true)
                }),
        )
    }, [])
    const finish = (end: (waiter: Waiter) => void): void => {
        setOpen(false)
        waiters.current.splice(0).forEach(end)
    }
    return (
        <PaperDialog
            title={messages.frame.signIn.title}
            open={open}
            onClose={() => finish((waiter) => waiter.reject(new Error(messages.frame.signIn.again)))}
        >
            <p>{messages.frame.signIn.again}</p>
            <Suspense fallback={<Drawing />}>
                <SignInForm onSignedIn={() => finish((waiter) => waiter.resolve())} />
            </Suspense>
        </PaperDialog>
    )
}
