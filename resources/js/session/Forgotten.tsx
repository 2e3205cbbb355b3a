import { Box, Button, chakra } from '@chakra-ui/react'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { write } from '../api/client'
import { Refused } from '../api/refused'
import { TextField } from '../entry/fields'
import { messages } from '../messages'
import { doorWords } from '../messages/door'

const words = doorWords.forgotten

/** A link to a new password is asked for. */
export function Forgotten() {
    const [email, setEmail] = useState('')
    const ask = useMutation({
        mutationFn: () => write('POST', '/api/v1/forgotten-password', {}, { email }),
    })
    const refused = ask.error instanceof Refused ? ask.error : undefined
    return (
        <chakra.form
            display="flex"
            flexDirection="column"
            gap="12px"
            borderTop="1px solid"
            borderColor="rule"
            paddingTop="14px"
            onSubmit={(event) => {
                event.preventDefault()
                ask.mutate()
            }}
        >
            <TextField
                label={messages.frame.signIn.email}
                type="email"
                autoComplete="username"
                value={email}
                onChange={setEmail}
                help={words.help}
                error={
                    ask.error === null
                        ? undefined
                        : (refused?.fieldError('email') ?? refused?.message ?? messages.frame.unreachable)
                }
            />
            <Button type="submit" disabled={ask.isPending}>
                {words.act}
            </Button>
            <Box aria-live="polite">{ask.isSuccess && <p>{words.sent}</p>}</Box>
        </chakra.form>
    )
}
