import { chakra } from '@chakra-ui/react'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { Refused } from '../api/refused'
import type { Invited, Session } from '../api/types'
import { withSecret } from '../api/withSecret'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { messages } from '../messages'
import { ownerWords } from '../messages/owner'
import { doorWords } from '../messages/door'
import { settingsWords } from '../messages/settings'
import { Door } from './Door'

const words = doorWords.invitation

interface Typed {
    name: string
    email: string
    password: string
}

const { Text } = fieldsOf<Typed>()

/** Somebody was invited: who they are, once, and they are in. */
export function InvitationDoor() {
    const invited = useQuery({
        queryKey: ['invitation'],
        queryFn: () => withSecret<Invited>('GET', '/api/v1/invitation'),
        retry: false,
    })
    if (invited.data !== undefined) {
        return <Accept invited={invited.data} />
    }
    if (invited.error === null) {
        return <Door title={words.waiting} comment="" />
    }
    return (
        <Door
            title={invited.error instanceof Refused ? invited.error.message : messages.frame.unreachable}
            comment=""
        >
            <chakra.a href="/" color="accent" textUnderlineOffset="4px" textDecoration="underline">
                {words.toSignIn}
            </chakra.a>
        </Door>
    )
}

function Accept({ invited }: { invited: Invited }) {
    const form = useForm<Typed>({ defaultValues: { name: invited.name, email: '', password: '' } })
    const accept = useMutation({
        mutationFn: (typed: Typed) => withSecret<Session>('POST', '/api/v1/invitation', typed),
        // The whole application anew: it is another one for somebody who is in.
        onSuccess: () => window.location.replace('/'),
    })
    const refused = accept.error instanceof Refused ? accept.error : undefined
    const error = accept.error === null ? undefined : (refused?.message ?? messages.frame.unreachable)
    const fieldError = (field: string) => refused?.fieldError(field)
    return (
        <Door
            title={words.title({ name: invited.name, facility: invited.facility })}
            comment={words.comment({
                role: settingsWords.roles[invited.role],
                may: settingsWords.rolesSay[invited.role],
            })}
        >
            <FieldForm
                form={form}
                entry={{
                    isSaving: accept.isPending,
                    fieldError,
                    otherError: (fields) =>
                        fields.some((field) => fieldError(field) !== undefined) ? undefined : error,
                }}
                act={words.act}
                onSave={(typed) => accept.mutate(typed)}
            >
                <Text name="name" label={words.name} autoComplete="name" />
                <Text name="email" label={messages.frame.signIn.email} type="email" autoComplete="username" />
                <Text
                    name="password"
                    label={messages.frame.signIn.password}
                    type="password"
                    autoComplete="new-password"
                    help={ownerWords.passwordHelp}
                />
            </FieldForm>
        </Door>
    )
}
