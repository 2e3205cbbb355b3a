import { Button, chakra } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused, write } from '../api/client'
import { sessionQuery } from '../api/queries'
import type { OwnerRequest, Session } from '../api/types'
import { ChoiceField, TextField } from '../log/fields'
import { words } from '../words/en'
import { Door } from './Door'

const browserZone = Intl.DateTimeFormat().resolvedOptions().timeZone

/** No user yet: whoever sets this up becomes the owner. */
export function FirstRun() {
    const client = useQueryClient()
    const [entry, setEntry] = useState<OwnerRequest>({
        name: '',
        email: '',
        password: '',
        facility: '',
        unit_system: 'metric',
        time_zone: browserZone,
    })
    const begin = useMutation({
        mutationFn: (request: OwnerRequest) => write<Session>('POST', 'owner', request),
        onSuccess: (session) => client.setQueryData(sessionQuery.queryKey, session),
    })
    const refused = begin.error instanceof Refused ? begin.error : undefined
    const field = (name: keyof OwnerRequest) => ({
        value: entry[name],
        onChange: (value: string) => setEntry({ ...entry, [name]: value }),
        error: refused?.fieldError(name),
    })
    const units = words.owner.unitNames
    return (
        <Door title={words.owner.title} comment={words.owner.comment}>
            <chakra.form
                display="flex"
                flexDirection="column"
                gap="14px"
                onSubmit={(event) => {
                    event.preventDefault()
                    begin.mutate(entry)
                }}
            >
                <TextField label={words.owner.name} autoComplete="name" {...field('name')} />
                <TextField
                    label={words.signIn.email}
                    type="email"
                    autoComplete="username"
                    {...field('email')}
                />
                <TextField
                    label={words.signIn.password}
                    type="password"
                    autoComplete="new-password"
                    help={words.owner.passwordHelp}
                    {...field('password')}
                />
                <TextField label={words.owner.facility} {...field('facility')} />
                <ChoiceField
                    label={words.owner.units}
                    options={Object.entries(units).map(([value, text]) => ({ value, text }))}
                    {...field('unit_system')}
                />
                <TextField label={words.owner.timeZone} {...field('time_zone')} />
                {begin.error !== null && refused?.problem.errors === undefined && (
                    <p role="alert">{refused?.message ?? words.unreachable}</p>
                )}
                <Button type="submit" variant="solid" disabled={begin.isPending} minHeight="50px">
                    {words.owner.act}
                </Button>
            </chakra.form>
        </Door>
    )
}
