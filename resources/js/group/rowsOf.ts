export interface Placed {
    /** Which of them it is. */
    of: number
    /** The middle of its length, pixels. */
    x: number
    /** Pixels. */
    length: number
}

interface Room {
    /** Pixels. */
    width: number
    /** Pixels that each has for itself at least, whatever its length. */
    leastPart: number
    /** Pixels that the longest may have at most. */
    longest: number
}

/** Room left and right of each, as a share of its part. */
const GAP = 0.08

/** Puts lengths beside each other to one scale, each in the middle of its part of the width, in as many rows as that takes. */
export function rowsOf(lengths: readonly number[], { width, leastPart, longest }: Room): Placed[][] {
    const most = Math.max(1, Math.floor(width / leastPart))
    const rows = Math.ceil(lengths.length / most)
    const inRow = Math.ceil(lengths.length / rows)
    const part = width / inRow
    const scale = Math.min(part * (1 - 2 * GAP), longest) / Math.max(...lengths)
    return Array.from({ length: rows }, (_, row) =>
        lengths.slice(row * inRow, (row + 1) * inRow).map((length, i) => ({
            of: row * inRow + i,
            x: (i + 0.5) * part,
            length: length * scale,
        })),
    )
}
