import { messages } from '../messages'
import { doorWords } from '../messages/door'
import { Button } from '@chakra-ui/react'
import { useQueryClient } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { sessionQuery } from '../api/queries'
import { Drawing } from '../frame/Drawing'
import { onDemand } from '../frame/onDemand'
import { Door } from './Door'
import { SignInForm } from './SignInForm'

const Forgotten = onDemand(() => import('./Forgotten'), 'Forgotten')

export function SignInSheet() {
    const client = useQueryClient()
    const [isForgotten, forget] = useState(false)
    return (
        <Door title={messages.frame.signIn.title} comment={doorWords.idea}>
            <SignInForm onSignedIn={(session) => client.setQueryData(sessionQuery.queryKey, session)} />
            {isForgotten ? (
                <Suspense fallback={<Drawing />}>
                    <Forgotten />
                </Suspense>
            ) : (
                <Button variant="plain" alignSelf="flex-start" onClick={() => forget(true)}>
                    {messages.frame.signIn.forgotten}
                </Button>
            )}
        </Door>
    )
}
