import { messages } from '../messages'
import { useQueryClient } from '@tanstack/react-query'
import { sessionQuery } from '../api/queries'
import { Door } from './Door'
import { SignInForm } from './SignInForm'

export function SignInSheet() {
    const client = useQueryClient()
    return (
        <Door title={messages.frame.signIn.title} comment={messages.frame.signIn.idea}>
            <SignInForm onSignedIn={(session) => client.setQueryData(sessionQuery.queryKey, session)} />
        </Door>
    )
}
