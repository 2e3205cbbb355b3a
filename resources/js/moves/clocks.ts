import { useSyncExternalStore } from 'react'

/** A clock that runs down at a step of a move sheet, wherever the keeper goes meanwhile. */
export interface RunningClock {
    /** Null: of no move sheet, as when a fish arrives. */
    sheet: number | null
    step: string
    /** What is timed, in the words of the step. */
    name: string
    /** Milliseconds since 1970. */
    until: number
}

const KEY = 'biomegas.clocks'
/** One that was forgotten for so long tells nothing any more. */
const FORGOTTEN = 12 * 60 * 60 * 1000

const listeners = new Set<() => void>()
let clocks: readonly RunningClock[] | undefined

function isClock(one: unknown): one is RunningClock {
    const clock = one as Partial<RunningClock> | null
    return (
        (typeof clock?.sheet === 'number' || clock?.sheet === null) &&
        typeof clock.step === 'string' &&
        typeof clock.name === 'string' &&
        typeof clock.until === 'number'
    )
}

/** From what is kept; whatever else stands there counts as nothing. */
export function readClocks(text: string | null, now: number): readonly RunningClock[] {
    try {
        const kept: unknown = JSON.parse(text ?? '[]')
        return Array.isArray(kept) ? kept.filter(isClock).filter((one) => one.until > now - FORGOTTEN) : []
    } catch {
        return []
    }
}

function stored(): string | null {
    try {
        return localStorage.getItem(KEY)
    } catch {
        return null
    }
}

const current = (): readonly RunningClock[] => (clocks ??= readClocks(stored(), Date.now()))

function put(all: readonly RunningClock[]): void {
    clocks = all
    try {
        localStorage.setItem(KEY, JSON.stringify(all))
    } catch {
        // A browser that keeps nothing: it runs on while the page is open.
    }
    listeners.forEach((told) => told())
}

const isThat = (sheet: number | null, step: string) => (one: RunningClock) =>
    one.sheet === sheet && one.step === step

export function startClock(clock: RunningClock): void {
    put([...current().filter((one) => !isThat(clock.sheet, clock.step)(one)), clock])
}

export function stopClock(sheet: number | null, step: string): void {
    put(current().filter((one) => !isThat(sheet, step)(one)))
}

/** What a move still waits for, once it is made or dropped. */
export function stopClocksOf(sheet: number): void {
    put(current().filter((one) => one.sheet !== sheet))
}

function subscribe(told: () => void): () => void {
    const elsewhere = (): void => {
        clocks = undefined
        told()
    }
    listeners.add(told)
    addEventListener('storage', elsewhere)
    return () => {
        listeners.delete(told)
        removeEventListener('storage', elsewhere)
    }
}

export const useClocks = (): readonly RunningClock[] => useSyncExternalStore(subscribe, current)

/** "12:05" */
export function timeLeft(until: number, now: number): string {
    const seconds = Math.max(0, Math.ceil((until - now) / 1000))
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
