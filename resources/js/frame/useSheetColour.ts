import { useSyncExternalStore } from 'react'

type SheetColour = 'light' | 'dark'

const listeners = new Set<() => void>()

function current(): SheetColour {
    return document.documentElement.classList.contains('dark') ? 'dark' : 'light'
}

function choose(colour: SheetColour): void {
    document.documentElement.className = colour
    localStorage.setItem('sheet', colour)
    listeners.forEach((listener) => listener())
}

/** Paper by day, blueprint by night; remembered on this device. */
export function useSheetColour(): { colour: SheetColour; toggle: () => void } {
    const colour = useSyncExternalStore((listener) => {
        listeners.add(listener)
        return () => listeners.delete(listener)
    }, current)
    return { colour, toggle: () => choose(colour === 'dark' ? 'light' : 'dark') }
}
