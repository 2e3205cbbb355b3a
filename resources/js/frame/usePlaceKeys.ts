import { useNavigate } from '@tanstack/react-router'
import { places } from './places'
import { useLayoutEffect, useSyncExternalStore } from 'react'

const listeners = new Set<() => void>()

/** Single letters can be switched off, for those whose software speaks letters (WCAG 2.1.4). */
export function useLettersOn(): [boolean, (on: boolean) => void] {
    const on = useSyncExternalStore(
        (listener) => {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        () => localStorage.getItem('letters') !== 'off',
    )
    return [
        on,
        (next) => {
            localStorage.setItem('letters', next ? 'on' : 'off')
            listeners.forEach((listener) => listener())
        },
    ]
}

function isWriting(target: EventTarget | null): boolean {
    return (
        target instanceof HTMLElement &&
        (target.isContentEditable || /^(INPUT|SELECT|TEXTAREA)$/.test(target.tagName))
    )
}

/** Letters go to places and act while no field has the focus. */
export function usePlaceKeys(acts: Record<string, () => void>): void {
    const navigate = useNavigate()
    const [on] = useLettersOn()
    // As soon as the places can be seen, not a moment after.
    useLayoutEffect(() => {
        const byLetter: Record<string, string> = Object.fromEntries(
            places.map((one) => [one.letter.toLowerCase(), one.to]),
        )
        const listen = (event: KeyboardEvent): void => {
            if (
                event.ctrlKey ||
                event.metaKey ||
                event.altKey ||
                isWriting(event.target) ||
                document.querySelector('[role=dialog]') !== null
            ) {
                return
            }
            const key = event.key.toLowerCase()
            const place = byLetter[key]
            if (key === '?' || (on && acts[key] !== undefined)) {
                event.preventDefault()
                acts[key]?.()
            } else if (on && place !== undefined) {
                event.preventDefault()
                void navigate({ to: place })
            }
        }
        window.addEventListener('keydown', listen)
        return () => window.removeEventListener('keydown', listen)
    }, [acts, navigate, on])
}
