import type { Point } from './geometry'

export interface Box {
    x: number
    y: number
    width: number
    height: number
}

export interface Label {
    key: string
    width: number
    height: number
    /** Where its middle may be, the best place first. */
    places: readonly Point[]
}

/** Over another word it cannot be read; over a fish it can. */
const OVER_A_LABEL = 6
/** So much of its own area is put up with for the place before. */
const PATIENCE = 0.04

/**
 * Puts words where they hide as little as may be: each in turn at the place
 * where it lies least over what is drawn and over words before it. None is
 * outside as long as it has a place inside.
 */
export function placeLabels(
    labels: readonly Label[],
    drawn: readonly Box[],
    width: number,
    height: number,
): ReadonlyMap<string, Point> {
    const placed = new Map<string, Point>()
    const words: Box[] = []
    for (const label of labels) {
        let best: { cost: number; middle: Point; box: Box } | undefined
        label.places.forEach((place, i) => {
            const middle = inside(place, label, width, height)
            const box = around(middle, label)
            const moved = Math.hypot(middle[0] - place[0], middle[1] - place[1])
            const cost =
                sum(drawn, box) +
                OVER_A_LABEL * sum(words, box) +
                (i * PATIENCE + moved / label.height / 8) * label.width * label.height
            if (best === undefined || cost < best.cost) {
                best = { cost, middle, box }
            }
        })
        if (best !== undefined) {
            placed.set(label.key, best.middle)
            words.push(best.box)
        }
    }
    return placed
}

const around = ([x, y]: Point, { width, height }: Label): Box => ({
    x: x - width / 2,
    y: y - height / 2,
    width,
    height,
})

const inside = ([x, y]: Point, label: Label, width: number, height: number): Point => [
    within(x, label.width, width),
    within(y, label.height, height),
]

/** What is longer than there is room begins at the edge. */
const within = (middle: number, length: number, room: number): number =>
    Math.max(length / 2, Math.min(room - length / 2, middle))

const sum = (others: readonly Box[], box: Box): number =>
    others.reduce((area, other) => area + overlap(other, box), 0)

const overlap = (a: Box, b: Box): number =>
    Math.max(0, Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x)) *
    Math.max(0, Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y))

/** Round about something of a radius: below, above, beside, and across the corners. */
export function placesAround([x, y]: Point, across: number, down: number): Point[] {
    return [
        [x, y + down],
        [x, y - down],
        [x + across, y],
        [x - across, y],
        [x + across * 0.8, y + down],
        [x - across * 0.8, y + down],
        [x + across * 0.8, y - down],
        [x - across * 0.8, y - down],
    ]
}
