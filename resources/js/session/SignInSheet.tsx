import { useQueryClient } from '@tanstack/react-query'
import { sessionQuery } from '../api/queries'
import { words } from '../words/en'
import { Door } from './Door'
import { SignInForm } from './SignInForm'

export function SignInSheet() {
    const client = useQueryClient()
    return (
        <Door title={words.signIn.title} comment={words.signIn.idea}>
            <SignInForm onSignedIn={(session) => client.setQueryData(sessionQuery.queryKey, session)} />
        </Door>
    )
}
