import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import type { ReviewAsked } from '../api/queries'
import { reviewQuery } from '../api/queries'
import type { LengthKind, Review } from '../api/types'

const PAUSE_MS = 250

interface LengthAsked extends Omit<ReviewAsked, 'length_kind'> {
    /** Empty: as its species is stated. */
    length_kind: LengthKind | ''
}

/** How the server reads what is typed; nothing while it cannot be read. */
export function useReview(
    fishId: number,
    { length, date, method, length_kind: kind }: LengthAsked,
): Review | undefined {
    const asked = useMemo(
        () => ({ length, date, method, ...(kind === '' ? {} : { length_kind: kind }) }),
        [length, date, method, kind],
    )
    const [settled, setSettled] = useState<ReviewAsked>(asked)
    useEffect(() => {
        const timer = setTimeout(() => setSettled(asked), PAUSE_MS)
        return () => clearTimeout(timer)
    }, [asked])
    const isTyped = /\d/.test(length)
    const review = useQuery(reviewQuery(fishId, isTyped && settled === asked ? settled : null))
    return isTyped && !review.isError ? review.data : undefined
}
