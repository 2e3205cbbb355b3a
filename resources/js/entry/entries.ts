import type { FishRow } from '../api/types'

/** What can be written down from a button. */
export type EntryKind = 'length' | 'test' | 'change' | 'incident' | 'loss' | 'move' | 'count'

export interface EntryProps {
    /** Everybody here, to choose from. */
    all: readonly FishRow[]
    /** The fish it is about, when it is known already. */
    fish: FishRow | undefined
    /** The home it is about, when it is known already. */
    home?: number | undefined
    today: string
    onDone: () => void
}

export const fishOptions = (all: readonly FishRow[]) =>
    all.map((one) => ({ value: String(one.id), text: `${one.name}, ${one.home.name}` }))

export const fishById = (all: readonly FishRow[], id: string): FishRow | undefined =>
    all.find((one) => String(one.id) === id)
