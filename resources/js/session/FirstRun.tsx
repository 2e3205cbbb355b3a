import { unitsOf } from '../units/browserUnits'
import { currencyOf, currencyOptions } from '../units/currencies'
import { messages } from '../messages'
import { ownerWords } from '../messages/owner'
import { Button, chakra } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused } from '../api/refused'
import { write } from '../api/client'
import { sessionQuery } from '../api/queries'
import type { OwnerRequest } from '../api/types'
import { ChoiceField, TextField } from '../entry/fields'
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
        unit_system: unitsOf(navigator.language),
        time_zone: browserZone,
        currency: currencyOf(navigator.language),
    })
    const begin = useMutation({
        mutationFn: ({ currency, ...request }: OwnerRequest) =>
            write('POST', '/api/v1/owner', {}, { ...request, currency: currency === '' ? null : currency }),
        onSuccess: (session) => client.setQueryData(sessionQuery.queryKey, session),
    })
    const refused = begin.error instanceof Refused ? begin.error : undefined
    const field = (name: keyof OwnerRequest) => ({
        value: entry[name] ?? '',
        onChange: (value: string) => setEntry({ ...entry, [name]: value }),
        error: refused?.fieldError(name),
    })
    const units = ownerWords.unitNames
    return (
        <Door title={ownerWords.title} comment={ownerWords.comment}>
            <chakra.form
                display="flex"
                flexDirection="column"
                gap="14px"
                onSubmit={(event) => {
                    event.preventDefault()
                    begin.mutate(entry)
                }}
            >
                <TextField label={ownerWords.name} autoComplete="name" {...field('name')} />
                <TextField
                    label={messages.frame.signIn.email}
                    type="email"
                    autoComplete="username"
                    {...field('email')}
                />
                <TextField
                    label={messages.frame.signIn.password}
                    type="password"
                    autoComplete="new-password"
                    help={ownerWords.passwordHelp}
                    {...field('password')}
                />
                <TextField label={ownerWords.facility} {...field('facility')} />
                <ChoiceField
                    label={ownerWords.units}
                    options={Object.entries(units).map(([value, text]) => ({ value, text }))}
                    {...field('unit_system')}
                />
                <ChoiceField
                    label={ownerWords.currency}
                    options={currencyOptions(ownerWords.noCurrency)}
                    {...field('currency')}
                />
                <TextField label={ownerWords.timeZone} {...field('time_zone')} />
                {begin.error !== null && refused?.problem.errors === undefined && (
                    <p role="alert">{refused?.message ?? messages.frame.unreachable}</p>
                )}
                <Button type="submit" variant="solid" disabled={begin.isPending} minHeight="50px">
                    {ownerWords.act}
                </Button>
            </chakra.form>
        </Door>
    )
}
