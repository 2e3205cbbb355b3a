import type { Point } from './geometry'
import { isConvex, isInside, seeded } from './geometry'

export interface Swimmer {
    key: string
    form: string
    band: number
    /** Length in the unit of the water's outline. */
    length: number
}

export interface PlacedSwimmer extends Swimmer {
    x: number
    y: number
    /** Degrees. */
    angle: number
}

const TRIES = 60

/** How far its spine reaches from its middle, in lengths of the fish. */
const REACH = 0.45

/** Points of the spine, as shares of the length: both ends first. */
const ALONG = [-REACH, REACH, -0.2, 0, 0.2]

/** In lengths of the fish: with more room around it, it lies no better. */
const MOST_ROOM = 1.5

/** In lengths of the fish: what it likes to have between itself and a wall. */
const CLEAR = 0.25

/** A fish that sticks out is worse than any that does not. */
const STUCK_OUT = 1e6

const WIDTH: Record<string, number> = {
    ray: 1,
    turtle: 0.66,
    snail: 0.6,
    puffer: 0.3,
    catfish: 0.24,
    deep: 0.18,
    barb: 0.18,
    sturgeon: 0.18,
    torpedo: 0.16,
    knifefish: 0.12,
    eel: 0.12,
}

/** From above, as a share of the length. */
export const widthFromAbove = (form: string): number => WIDTH[form] ?? 0.16

/**
 * Spreads fish over the water: the longest first, each where it is farthest
 * from the others of some tries. The same fish always lie in the same places.
 */
export function placeFish(
    outline: readonly Point[],
    swimmers: readonly Swimmer[],
    seed: number,
): PlacedSwimmer[] {
    const random = seeded(seed)
    const width = Math.max(...outline.map(([x]) => x))
    const height = Math.max(...outline.map(([, y]) => y))
    // What is straight lies in a convex outline with its ends.
    const needed = isConvex(outline) ? 2 : ALONG.length
    const placed: { swimmer: PlacedSwimmer; spine: Point[] }[] = []
    for (const swimmer of [...swimmers].sort((a, b) => b.length - a.length)) {
        let best: { swimmer: PlacedSwimmer; spine: Point[] } | undefined
        let bestRoom = -Infinity
        for (let i = 0; i < TRIES && bestRoom < swimmer.length * MOST_ROOM; i++) {
            const angle =
                (random() < 0.5 ? 0 : 180) + (random() - 0.5) * (height > swimmer.length * 1.3 ? 110 : 24)
            const candidate = { ...swimmer, x: random() * width, y: random() * height, angle }
            const spine = spineOf(candidate)
            const around = roomAround(candidate, spine, placed, bestRoom)
            const room =
                around > bestRoom ? around - atWall(candidate, spine.slice(0, needed), outline) : around
            if (room > bestRoom) {
                bestRoom = room
                best = { swimmer: candidate, spine }
            }
        }
        if (best !== undefined) {
            placed.push(best)
        }
    }
    return placed.map((one) => one.swimmer)
}

function spineOf({ x, y, angle, length }: PlacedSwimmer): Point[] {
    const [cos, sin] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)]
    return ALONG.map((share): Point => [x + cos * share * length, y + sin * share * length])
}

function halfWidth(swimmer: Swimmer): number {
    return (widthFromAbove(swimmer.form) * swimmer.length) / 2
}

/** Distance to the nearest neighbour. Not looked at further once it is no better than the best so far. */
function roomAround(
    one: PlacedSwimmer,
    spine: Point[],
    others: { swimmer: PlacedSwimmer; spine: Point[] }[],
    best: number,
): number {
    const half = halfWidth(one)
    let room = one.length * MOST_ROOM
    for (const other of others) {
        const halves = half + halfWidth(other.swimmer)
        const apart = Math.hypot(one.x - other.swimmer.x, one.y - other.swimmer.y)
        // However both lie, they come no nearer than this.
        if (apart - REACH * (one.length + other.swimmer.length) - halves >= room) {
            continue
        }
        for (const [ax, ay] of spine) {
            for (const [bx, by] of other.spine) {
                room = Math.min(room, Math.hypot(ax - bx, ay - by) - halves)
            }
        }
        if (room <= best) {
            return room
        }
    }
    return room
}

/** What it loses by the wall: a little beside it. */
function atWall(one: PlacedSwimmer, spine: Point[], outline: readonly Point[]): number {
    const half = halfWidth(one)
    if (sticksOut(spine, half, outline)) {
        return STUCK_OUT
    }
    return sticksOut(spine, half + one.length * CLEAR, outline) ? one.length * CLEAR : 0
}

const sticksOut = (spine: Point[], half: number, outline: readonly Point[]): boolean =>
    spine.some(
        ([x, y]) =>
            !isInside([x - half, y], outline) ||
            !isInside([x + half, y], outline) ||
            !isInside([x, y - half], outline) ||
            !isInside([x, y + half], outline),
    )
