import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { trialQuery } from '../api/queries'
import { Refused } from '../api/refused'
import type { PlanPage, Trial, TrialSheet } from '../api/types'
import { messages } from '../messages'
import type { Draft } from './draft'

/** While a hand is drawing, the place is asked only when it rests. */
const REST_MS = 120

export interface TrialAnswer {
    body: Trial
    /** The plan as it would be; as it is while nothing is tried. */
    page: PlanPage
    sentences: readonly string[]
    supposed: readonly string[]
    /** Until the end of what is looked at; less than nothing: it saves. */
    costsMore: number
    isWaiting: boolean
    error: string | undefined
}

/**
 * The plan that is kept as it would be with what is tried.
 * @param seen what is shown while nothing is
 */
export function useTrial(kept: PlanPage, seen: PlanPage, draft: Draft): TrialAnswer {
    const body: Trial = {
        plan_id: kept.plan?.id ?? null,
        fish: [...draft.fish],
        supposed: [...draft.supposed],
    }
    const rested = useRested(JSON.stringify(body))
    const asked = JSON.parse(rested.text) as Trial
    const isNothing = isEmpty(body) || isEmpty(asked)
    const answer = useQuery(trialQuery(isNothing ? null : asked))
    if (isNothing) {
        return { body, ...read(seen, undefined), isWaiting: false, error: undefined }
    }
    return {
        body,
        ...read(seen, answer.data),
        isWaiting: answer.isFetching || rested.isMoving,
        error: answer.error === null ? undefined : said(answer.error),
    }
}

const read = (seen: PlanPage, answer: TrialSheet | undefined) => ({
    page: answer?.page ?? seen,
    sentences: answer?.sentences ?? [],
    supposed: answer?.supposed ?? [],
    costsMore: answer?.costs_more ?? 0,
})

const isEmpty = ({ fish, supposed }: Trial): boolean => fish.length + supposed.length === 0

/** A text that follows another once that has not changed for a moment. */
function useRested(text: string): { text: string; isMoving: boolean } {
    const [rested, setRested] = useState(text)
    useEffect(() => {
        const timer = window.setTimeout(() => setRested(text), REST_MS)
        return () => window.clearTimeout(timer)
    }, [text])
    return { text: rested, isMoving: rested !== text }
}

/** The sentence at the field, which says more than the whole. */
const said = (error: Error): string =>
    error instanceof Refused
        ? (Object.values(error.problem.errors ?? {})[0]?.[0] ?? error.message)
        : messages.frame.unreachable
