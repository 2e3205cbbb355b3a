import { useRouter } from '@tanstack/react-router'
import { useEffect, useRef } from 'react'

/** The page that was left for one whose heading has not been drawn yet. */
let left: string | null = null

export function leave(path: string): void {
    left = trimmed(path)
}

/**
 * Of the heading of a page: takes the focus after a navigation, so that a screen reader tells where one is.
 * The page that is being left may still draw its own heading meanwhile: that one takes nothing.
 */
export function useArrival<E extends HTMLElement>() {
    const heading = useRef<E>(null)
    const router = useRouter()
    useEffect(() => {
        const here = router.state.matches.at(-1)?.pathname ?? ''
        if (left !== null && trimmed(here) !== left) {
            left = null
            heading.current?.focus({ preventScroll: true })
        }
    }, [router])
    return heading
}

/** A place has the same heading with and without a stroke at its end. */
const trimmed = (path: string): string => path.replace(/(?<=.)\/$/, '')
