import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useRef } from 'react'
import { todayQuery } from '../api/queries'
import type { FishRow, Today } from '../api/types'

/** The round of measuring: from one that is due to the next, saving on the way; without onNext, from sheet to sheet. */
export function useMeasureRound(fish: number, onNext?: (fish: number) => void) {
    const navigate = useNavigate()
    const goTo =
        onNext ?? ((id: number) => void navigate({ to: '/fish/$id', params: { id }, hash: 'record' }))
    const today = useQuery(todayQuery).data
    const next = today === undefined ? undefined : nextOf(today, fish)
    const isGoingOn = useRef(false)
    return {
        /** Who is measured next; none: this one is not asked for, or is the last. */
        next,
        /** What is saved next is followed by the next fish, or is not. */
        goOn: (isWanted: boolean): void => {
            isGoingOn.current = isWanted
        },
        /** Whether it went on. */
        onSaved: (): boolean => {
            if (!isGoingOn.current || next === undefined) {
                return false
            }
            goTo(next.id)
            return true
        },
    }
}

function nextOf({ measure, systems }: Today, fish: number): FishRow | undefined {
    if (!measure.includes(fish)) {
        return undefined
    }
    const next = measure[measure.indexOf(fish) + 1] ?? measure.find((other) => other !== fish)
    return systems.flatMap((system) => system.fish).find((one) => one.id === next)
}
