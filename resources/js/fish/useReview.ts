import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { get } from '../api/client'
import type { MeasurementRequest, Review } from '../api/types'

const PAUSE_MS = 250

/** How the server reads what is typed; nothing while it cannot be read. */
export function useReview(
    fishId: number,
    entry: Pick<MeasurementRequest, 'length' | 'date' | 'method'>,
): Review | undefined {
    const query = new URLSearchParams(entry).toString()
    const [settled, setSettled] = useState(query)
    useEffect(() => {
        const timer = setTimeout(() => setSettled(query), PAUSE_MS)
        return () => clearTimeout(timer)
    }, [query])
    const isTyped = /\d/.test(entry.length)
    const review = useQuery({
        queryKey: ['log', 'review', fishId, settled],
        queryFn: () => get<Review>(`fish/${fishId}/length-review?${settled}`),
        enabled: isTyped && settled === query,
        retry: false,
        placeholderData: keepPreviousData,
    })
    return isTyped && !review.isError ? review.data : undefined
}
