import { useSyncExternalStore } from 'react'
import type { Lock } from './locks'

let held: readonly Lock[] = []
const listeners = new Set<() => void>()

/** What is to be kept in the next plan: it outlives the look at another one. */
export function useLocks(): { locks: readonly Lock[]; setLocks: (locks: readonly Lock[]) => void } {
    const locks = useSyncExternalStore(
        (listener) => {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        () => held,
    )
    return {
        locks,
        setLocks: (next) => {
            held = next
            listeners.forEach((listener) => listener())
        },
    }
}
