interface Placed {
    /** The middle of its length, pixels. */
    x: number
    /** Pixels. */
    length: number
}

/** Room left and right of each, as a share of the width. */
const GAP = 0.03

/**
 * Puts lengths beside each other to one scale, each in the middle of its part
 * of the width, so that what is written below them has the same room.
 *
 * @param longest pixels that the longest may have at most
 */
export function placeRow(lengths: readonly number[], width: number, longest: number): Placed[] {
    const part = width / lengths.length
    const room = Math.min(part - 2 * GAP * width, longest)
    const scale = room / Math.max(...lengths)
    return lengths.map((length, i) => ({ x: (i + 0.5) * part, length: length * scale }))
}
