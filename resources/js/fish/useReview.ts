import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import type { ReviewAsked } from '../api/queries'
import { reviewQuery } from '../api/queries'
import type { Review } from '../api/types'

const PAUSE_MS = 250

/** How the server reads what is typed; nothing while it cannot be read. */
export function useReview(fishId: number, { length, date, method }: ReviewAsked): Review | undefined {
    const [settled, setSettled] = useState<ReviewAsked>({ length, date, method })
    useEffect(() => {
        const timer = setTimeout(() => setSettled({ length, date, method }), PAUSE_MS)
        return () => clearTimeout(timer)
    }, [length, date, method])
    const isTyped = /\d/.test(length)
    const isSettled = settled.length === length && settled.date === date && settled.method === method
    const review = useQuery(reviewQuery(fishId, isTyped && isSettled ? settled : null))
    return isTyped && !review.isError ? review.data : undefined
}
