import { useEffect } from 'react'
import { onUnanswered } from '../api/client'

/**
 * From now on an entry that nobody answers is kept on this device. What keeps it is waited for: a network may go while
 * the first page is still coming.
 */
export function useUnanswered(keeper: number): void {
    useEffect(() => {
        onUnanswered(async (written) => (await import('./outbox')).keepEntry(keeper, written))
        return () => onUnanswered(undefined)
    }, [keeper])
}
