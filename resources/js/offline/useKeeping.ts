import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { keepAnswers } from './answers'
import { install } from './install'
import { readAhead } from './readAhead'

/** From now on this device keeps what is answered. */
export function useKeeping(): void {
    const client = useQueryClient()
    useEffect(() => {
        const end = keepAnswers(client)
        const later = setTimeout(() => {
            install()
            void readAhead(client)
        }, AFTER_MS)
        return () => {
            end()
            clearTimeout(later)
        }
    }, [client])
}

/** The page that was opened comes first. */
const AFTER_MS = 5_000
