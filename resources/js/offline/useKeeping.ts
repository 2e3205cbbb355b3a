import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { onUnanswered } from '../api/client'
import { keepAnswers } from './answers'
import { install } from './install'
import { keepEntry } from './outbox'
import { readAhead } from './readAhead'

/** From now on this device keeps what is answered, and what is written while nobody answers. */
export function useKeeping(keeper: number): void {
    const client = useQueryClient()
    useEffect(() => {
        onUnanswered((written) => keepEntry(keeper, written))
        const end = keepAnswers(client)
        const later = setTimeout(() => {
            install()
            void readAhead(client)
        }, AFTER_MS)
        return () => {
            onUnanswered(undefined)
            end()
            clearTimeout(later)
        }
    }, [client, keeper])
}

/** The page that was opened comes first. */
const AFTER_MS = 5_000
