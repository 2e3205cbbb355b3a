import type { LengthKind, Method } from '../api/types'

/** A length as it is typed. */
export interface LengthTyped {
    length: string
    date: string
    method: Method
    /** '': as its species is measured. */
    length_kind: LengthKind | ''
    /** How many of a shoal were measured. */
    sample: string
    /** Of the lengths of the sample, in the keeper's unit. */
    spread_mm: string
}
