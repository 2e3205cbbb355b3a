import { useCallback, useState } from 'react'

/** More steps back are not remembered. */
const MOST = 200

interface Steps<T> {
    now: T
    before: readonly T[]
}

/** A value whose every change can be taken back. */
export function useSteps<T>(start: T): {
    now: T
    /** @param isGoing part of the step before, as while a mark is dragged: it is taken back with it */
    change: (next: T, isGoing?: boolean) => void
    undo: () => void
    canUndo: boolean
} {
    const [steps, setSteps] = useState<Steps<T>>({ now: start, before: [] })
    const change = useCallback((next: T, isGoing = false) => {
        setSteps(({ now, before }) => ({
            now: next,
            before: isGoing ? before : [...before, now].slice(-MOST),
        }))
    }, [])
    const undo = useCallback(() => {
        setSteps((steps) => {
            const last = steps.before.at(-1)
            return last === undefined ? steps : { now: last, before: steps.before.slice(0, -1) }
        })
    }, [])
    return { now: steps.now, change, undo, canUndo: steps.before.length > 0 }
}
