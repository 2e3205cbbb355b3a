import { useRouter } from '@tanstack/react-router'
import { useEffect, useRef } from 'react'

/** The page that was left for one whose heading has not been drawn yet. */
let left: string | null = null

let hasArrived = true

export function leave(path: string): void {
    left = trimmed(path)
    hasArrived = false
}

/**
 * Of the heading of a page: takes the focus after a navigation, so that a screen reader tells where one is.
 * The page that is being left may still draw its own heading meanwhile, which takes nothing; and a heading
 * that is drawn anew takes the focus again that was lost with the one before it.
 */
export function useArrival<E extends HTMLElement>() {
    const heading = useRef<E>(null)
    const router = useRouter()
    useEffect(() => {
        const here = router.state.matches.at(-1)?.pathname ?? ''
        const isNew = left !== null && trimmed(here) !== left
        if (isNew && (!hasArrived || document.activeElement === document.body)) {
            hasArrived = true
            heading.current?.focus({ preventScroll: true })
        }
    }, [router])
    return heading
}

/** A place has the same heading with and without a stroke at its end. */
const trimmed = (path: string): string => path.replace(/(?<=.)\/$/, '')
