import { useEffect, useRef, useState } from 'react'

/** The width of an element in pixels, as it changes; 0 until it is laid out. */
export function useWidth<E extends HTMLElement>(): [React.RefObject<E | null>, number] {
    const ref = useRef<E>(null)
    const [width, setWidth] = useState(0)
    useEffect(() => {
        const element = ref.current
        if (element === null) {
            return
        }
        const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry?.contentRect.width ?? 0)))
        observer.observe(element)
        return () => observer.disconnect()
    }, [])
    return [ref, width]
}
