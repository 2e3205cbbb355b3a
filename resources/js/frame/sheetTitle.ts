import { messages } from '../messages'
import { useEffect, useSyncExternalStore } from 'react'

type Title = readonly [title: string, note: string]

let current: Title = ['', '']
const listeners = new Set<() => void>()

function set(title: Title): void {
    current = title
    document.title = title[0] === '' ? messages.frame.product : `${title[0]} · ${messages.frame.product}`
    listeners.forEach((listener) => listener())
}

/** Names the sheet in the window, and says at its foot what it is drawn from, where its head does not. */
export function useNameSheet(title: string, note = ''): void {
    useEffect(() => {
        set([title, note])
        return () => set(['', ''])
    }, [title, note])
}

export function useSheetNote(): string {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        () => current[1],
    )
}
