import type { FishRow, GrowingFish } from '../api/types'
import { leavesSooner } from '../fish/sentences'

export interface StayEnd {
    /** Null: it may stay as far as can be told. */
    on: string | null
    /** Of its size a part of a sentence, of anything else a whole one. */
    reason: string
    isBySize: boolean
}

/** Until when one may live there: by its likely size, or by what ends its stay sooner. */
export function stayEnd(growing: GrowingFish, row: FishRow | undefined): StayEnd {
    return row !== undefined && row.leaves !== null && leavesSooner(row)
        ? { on: row.leaves, reason: row.leaves_because ?? '', isBySize: false }
        : { on: growing.outgrown_on, reason: growing.reason, isBySize: true }
}

export const isOverOn = (growing: GrowingFish, row: FishRow | undefined, date: string): boolean => {
    const { on } = stayEnd(growing, row)
    return on !== null && on <= date
}
