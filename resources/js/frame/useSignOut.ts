import { useQueryClient } from '@tanstack/react-query'
import { useCallback } from 'react'
import { write } from '../api/client'
import { sessionQuery } from '../api/queries'

/** Ends the session, and leaves nothing of it on this device. */
export function useSignOut(): () => void {
    const client = useQueryClient()
    return useCallback(() => {
        void write('DELETE', '/api/v1/session', {}).then(async () => {
            await import('../offline/answers').then(({ forgetAnswers }) => forgetAnswers())
            client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'session' })
            return client.invalidateQueries(sessionQuery)
        })
    }, [client])
}
