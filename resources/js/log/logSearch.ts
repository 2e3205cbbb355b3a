/** What the place Log shows, as it stands in its address. */
export interface LogSearch {
    fish?: number
    system?: number
    group?: string
    from?: string
    until?: string
    words?: string
    removed?: 'yes'
}

const number = (value: unknown): number | undefined =>
    typeof value === 'number' && Number.isSafeInteger(value) && value > 0 ? value : undefined

const text = (value: unknown): string | undefined => {
    const typed = typeof value === 'number' ? String(value) : value
    return typeof typed === 'string' && typed !== '' ? typed : undefined
}

/** Whatever in the address is none of these is left out. */
export function logSearch(search: Record<string, unknown>): LogSearch {
    const { fish, system, group, from, until, words, removed } = search
    const read = {
        fish: number(fish),
        system: number(system),
        group: text(group),
        from: text(from),
        until: text(until),
        words: text(words),
        removed: removed === 'yes' ? removed : undefined,
    }
    return Object.fromEntries(Object.entries(read).filter(([, value]) => value !== undefined))
}
