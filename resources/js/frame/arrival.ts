import { useEffect, useRef } from 'react'

/** A place was gone to whose heading has not been drawn yet. */
let isArriving = false

export function arriveAnew(): void {
    isArriving = true
}

/** Of the heading of a page: takes the focus after a navigation, so that a screen reader tells where one is. */
export function useArrival<E extends HTMLElement>() {
    const heading = useRef<E>(null)
    useEffect(() => {
        if (isArriving) {
            isArriving = false
            heading.current?.focus({ preventScroll: true })
        }
    }, [])
    return heading
}
