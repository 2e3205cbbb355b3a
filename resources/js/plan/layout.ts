import type { LaneBand, LaneRow, PlanPage } from '../api/types'
import { daysBetween } from '../units/day'

/** Pixels per millimetre of a tank; vats and ponds are drawn at a quarter of it. */
const TANK_SCALE = 0.062
const LARGE_SCALE = TANK_SCALE / 4
const LEAST = 24
/** A lane is cut above this, if no band reaches the cut. */
const MOST = 48
const ABOVE = 22
/** Days stand right above the edge, or above the hatch of what is out of rule; names above the hatch, or above the days. */
const ABOVE_EDGE = 3
const ABOVE_HATCH = 11
const LINE = 14
const BELOW = 13
const AXIS = 34
const BETWEEN_SCALES = 12
export const FILL = 5
export const LEFT = 13
export const RIGHT = 26
const NAME = 17
const LETTER = 8.2

/** A home as it is drawn. */
export interface Lane {
    row: LaneRow
    /** The upper edge and the floor, pixels. */
    top: number
    floor: number
    /** Where the words above it stand: the days on which somebody comes, and who is out of rule. */
    days: number
    names: number
    /** Of the whole width, in pixels: where a band reaches it, the home is outgrown. */
    whole: number
    isCut: boolean
    /** A double line above it: what follows is drawn to another scale. */
    opensScale: boolean
}

export interface Layout {
    lanes: readonly Lane[]
    height: number
    days: number
}

const scaleOf = ({ kind }: LaneRow): number => (kind === 'tank' ? TANK_SCALE : LARGE_SCALE)

/** Tanks first, then what is drawn to the smaller scale, each in walking order. */
export function layOut(page: PlanPage): Layout {
    const sorted = [...page.lanes].sort((a, b) => Number(a.kind !== 'tank') - Number(b.kind !== 'tank'))
    let y = AXIS
    const lanes = sorted.map((row, i): Lane => {
        const before = sorted[i - 1]
        const opensScale = before !== undefined && scaleOf(before) !== scaleOf(row)
        const whole = Math.max(LEAST, row.width_mm * scaleOf(row))
        const highest = Math.max(
            0,
            ...bandsIn(page, row.key).flatMap(({ points }) => points.map((point) => point[3] ?? 0)),
        )
        const isCut = whole > MOST && highest * whole < MOST - 8
        const height = isCut ? MOST : whole
        const isBroken = page.breaches.some(({ system_key }) => system_key === row.key)
        const isDated = page.moves.some(({ to_key }) => to_key === row.key)
        const second = isBroken && isDated ? LINE : 0
        const top = y + ABOVE + second + (opensScale ? BETWEEN_SCALES : 0)
        y = top + height + BELOW
        return {
            row,
            top,
            floor: top + height,
            days: top - (isBroken ? ABOVE_HATCH : ABOVE_EDGE),
            names: top - ABOVE_HATCH - second,
            whole,
            isCut,
            opensScale,
        }
    })
    return { lanes, height: y + 4, days: daysBetween(page.date, page.horizon) }
}

/** The lane at a height, with what stands above and below it. */
export const laneAt = ({ lanes }: Layout, y: number): Lane | undefined =>
    lanes.find(({ top, floor }) => y >= top - 16 && y <= floor + 12)

export const bandsIn = (page: PlanPage, key: string): LaneBand[] =>
    page.bands.filter((band) => band.key === key)

/** The height of a share of what a home holds; what is beyond swells past the edge a little. */
export const heightOf = (share: number, { floor, whole }: Lane): number =>
    floor - Math.min(share, 1.12) * whole

/** The share on a day between two points, in a straight line. */
export function shareOn(band: LaneBand, day: number, at: 1 | 2 | 3 | 4): number {
    const after = band.points.findIndex((point) => (point[0] ?? 0) >= day)
    const [next, before] = [
        band.points[after === -1 ? band.points.length - 1 : after],
        band.points[Math.max(0, after - 1)],
    ]
    const [from, to] = [before?.[0] ?? 0, next?.[0] ?? 0]
    const [low, high] = [before?.[at] ?? 0, next?.[at] ?? 0]
    return to <= from ? high : low + (high - low) * Math.min(1, Math.max(0, day - from) / (to - from))
}

export interface Name {
    band: LaneBand
    text: string
    x: number
    y: number
}

/** Names at the beginnings of bands, put aside where they would lie upon each other. */
export function placeNames(
    bands: readonly LaneBand[],
    lane: Lane,
    x: (day: number) => number,
    textOf: (band: LaneBand) => string,
): Name[] {
    const rows = Math.max(1, Math.floor((lane.floor - lane.top) / NAME))
    const taken: { row: number; from: number; to: number }[] = []
    return [...bands]
        .sort((a, b) => (a.points[0]?.[0] ?? 0) - (b.points[0]?.[0] ?? 0))
        .map((band): Name => {
            const text = textOf(band)
            const width = 24 + LETTER * text.length
            const wanted = heightOf(band.points[0]?.[2] ?? 0, lane)
            const best = Math.min(rows - 1, Math.max(0, Math.round((wanted - lane.top) / NAME)))
            const order = Array.from({ length: rows }, (_, i) => i).sort(
                (a, b) => Math.abs(a - best) - Math.abs(b - best),
            )
            let from = x(band.points[0]?.[0] ?? 0) + 9
            for (;;) {
                const at = from
                const row = order.find((one) =>
                    taken.every((other) => other.row !== one || other.to < at || other.from > at + width),
                )
                if (row !== undefined) {
                    taken.push({ row, from: at, to: at + width })
                    return { band, text, x: at, y: lane.floor - (rows - row - 0.5) * NAME }
                }
                from += 12
            }
        })
}

export const nameOf = (band: LaneBand): string =>
    band.count > 1 && !band.is_part ? `${band.count} ${band.name}` : band.name

/** Between the beginnings of two days in words, pixels. */
const DAY = 54

/** Those of a lane that have room to be written, by where they stand; the first before the later. */
export function roomFor(at: readonly number[]): boolean[] {
    let free = -Infinity
    return at.map((one) => {
        const hasRoom = one >= free
        free = hasRoom ? one + DAY : free
        return hasRoom
    })
}
