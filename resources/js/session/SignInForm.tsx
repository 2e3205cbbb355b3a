import { messages } from '../messages'
import { Button, chakra } from '@chakra-ui/react'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused } from '../api/refused'
import { write } from '../api/client'
import type { Session, SignInRequest } from '../api/types'
import { TextField } from '../entry/fields'

/** E-mail and password; tells why when it does not open. */
export function SignInForm({ onSignedIn }: { onSignedIn: (session: Session) => void }) {
    const [entry, setEntry] = useState<SignInRequest>({ email: '', password: '' })
    const signIn = useMutation({
        mutationFn: (request: SignInRequest) => write('POST', '/api/v1/session', {}, request),
        onSuccess: onSignedIn,
    })
    const refused = signIn.error instanceof Refused ? signIn.error : undefined
    const other =
        signIn.error === null
            ? undefined
            : refused === undefined
              ? messages.frame.unreachable
              : refused.problem.errors?.password === undefined
                ? refused.message
                : undefined
    return (
        <chakra.form
            display="flex"
            flexDirection="column"
            gap="14px"
            onSubmit={(event) => {
                event.preventDefault()
                signIn.mutate(entry)
            }}
        >
            <TextField
                label={messages.frame.signIn.email}
                type="email"
                autoComplete="username"
                value={entry.email}
                onChange={(email) => setEntry({ ...entry, email })}
                error={refused?.fieldError('email')}
            />
            <TextField
                label={messages.frame.signIn.password}
                type="password"
                autoComplete="current-password"
                value={entry.password}
                onChange={(password) => setEntry({ ...entry, password })}
                error={refused?.fieldError('password') ?? other}
            />
            <Button type="submit" variant="solid" disabled={signIn.isPending} minHeight="50px">
                {messages.frame.signIn.act}
            </Button>
        </chakra.form>
    )
}
