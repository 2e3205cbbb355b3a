import type { SitterHome } from '../api/types'
import { formNamed } from '../drawing/forms'
import { sitterWords as words } from '../messages/sitter'

const GAP = 14

/** Strokes stand out of what they draw. */
const EDGE = 5
const LABEL = 22

/** Of its length: fins lean and end in points. */
const LEEWAY = 0.02

const RAY_HEIGHT = 1.1

/** A fish is drawn at least so long that it can be told apart. */
const LEAST_PIXELS = 26

/** The longest of the place takes this share of the width. */
const LONGEST_SHARE = 0.62

type Fish = SitterHome['fish'][number]

interface Laid {
    fish: Fish
    x: number
    y: number
    length: number
    /** From fin to fin. */
    high: number
}

/** With how many there are. */
export const nameOf = (fish: Fish): string =>
    fish.count > 1 ? words.ofMany({ name: fish.name, n: fish.count }) : fish.name

/** From the tip of the fins above to those below, of its length; a ray is seen from above, as wide as it is. */
function heightOf(name: string): number {
    if (name === 'ray') {
        return RAY_HEIGHT
    }
    const { upper, lower, fins } = formNamed(name)
    const reach = (side: 'upper' | 'lower', body: number): number =>
        body + Math.max(0, ...fins.filter((fin) => fin.side === side).map((fin) => fin.height))
    return LEEWAY + 2 * Math.max(reach('upper', upper.height), reach('lower', lower.height))
}

/** About how wide a name is. */
const PIXELS_PER_LETTER = 8

/** In rows from left to right, as wide as the fish or their names need. */
export function layFish(
    all: readonly Fish[],
    width: number,
    longest: number,
): { laid: Laid[]; height: number } {
    const scale = (LONGEST_SHARE * width) / longest
    const laid: Laid[] = []
    let [x, top, rowHeight] = [EDGE, 0, 0]
    for (const fish of all) {
        const length = Math.max(LEAST_PIXELS, fish.length_mm * scale)
        const room = Math.max(length, nameOf(fish).length * PIXELS_PER_LETTER)
        if (x > EDGE && x + room > width) {
            top += rowHeight
            x = EDGE
            rowHeight = 0
        }
        const high = heightOf(fish.form) * length
        laid.push({ fish, x: x + room / 2, y: top + high / 2, length, high })
        x += room + GAP
        rowHeight = Math.max(rowHeight, high + LABEL)
    }
    return { laid, height: top + rowHeight }
}
