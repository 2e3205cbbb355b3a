import { chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { secretOfPage } from '../api/withSecret'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { doorWords } from '../messages/door'
import { Door } from './Door'

const words = doorWords.password

interface Typed {
    password: string
}

const { Text } = fieldsOf<Typed>()

/** A new password, by the link that was mailed or handed over. */
export function PasswordDoor() {
    const [isDone, finish] = useState(false)
    const link = new URLSearchParams(secretOfPage())
    const [email, token] = [link.get('email') ?? '', link.get('token') ?? '']
    const form = useForm<Typed>({ defaultValues: { password: '' } })
    const reset = useWrite('POST', '/api/v1/password', {}, { onDone: () => finish(true) })
    if (isDone) {
        return <Done />
    }
    return email === '' ? (
        <Door title={words.noLink} comment="">
            <ToSignIn />
        </Door>
    ) : (
        <Door title={words.title} comment={words.comment({ email })}>
            <FieldForm
                form={form}
                entry={reset}
                act={words.act}
                onSave={({ password }) => reset.save({ email, token, password })}
            >
                <Text
                    name="password"
                    label={words.fresh}
                    type="password"
                    autoComplete="new-password"
                    help={words.help}
                />
            </FieldForm>
        </Door>
    )
}

function Done() {
    return (
        <Door title={words.done} comment="">
            <ToSignIn />
        </Door>
    )
}

function ToSignIn() {
    return (
        <chakra.a href="/" color="accent" textUnderlineOffset="4px" textDecoration="underline">
            {doorWords.invitation.toSignIn}
        </chakra.a>
    )
}
