import type { MarkedPoint, MarksRequest, PictureRow } from '../api/types'

/** A picture of which a length was read, with the part around the fish and how large that is. */
export interface Scaled {
    picture: PictureRow
    lengthMm: number
    /** In pixels of the picture, around the fish. */
    crop: { x: number; y: number; width: number; height: number }
    /** Of one pixel where the fish swims. */
    mmPerPixel: number
}

/** So much of its own length is left around a fish. */
const AROUND = 0.18

/** Null: no length was read from it, or nothing is marked. */
export function scaled(picture: PictureRow): Scaled | null {
    const line = (picture.marks as MarksRequest | null)?.lines[0]
    if (picture.length_mm === null || line === undefined || line.length < 2) {
        return null
    }
    const pixels = along(line)
    const margin = pixels * AROUND
    const [xs, ys] = [line.map(({ x }) => x), line.map(({ y }) => y)]
    const x = Math.max(0, Math.min(...xs) - margin)
    const y = Math.max(0, Math.min(...ys) - 1.6 * margin)
    return {
        picture,
        lengthMm: picture.length_mm,
        crop: {
            x,
            y,
            width: Math.min(picture.width, Math.max(...xs) + margin) - x,
            height: Math.min(picture.height, Math.max(...ys) + 1.6 * margin) - y,
        },
        mmPerPixel: picture.length_mm / pixels,
    }
}

const along = (line: readonly MarkedPoint[]): number =>
    line.reduce((sum, { x, y }, i) => {
        const before = line[i - 1]
        return before === undefined ? 0 : sum + Math.hypot(x - before.x, y - before.y)
    }, 0)

const WEEK = 7
const MONTH = 30.44
const YEAR = 365.25

/** From here on months, then years are counted. */
const MONTHS_FROM = 12 * WEEK
const YEARS_FROM = 2 * YEAR

/** How long after the first a picture was taken, in the unit in which one would say it. */
export function after(days: number): { n: number; unit: 'week' | 'month' | 'year' } {
    if (days < MONTHS_FROM) {
        return { n: Math.round(days / WEEK), unit: 'week' }
    }
    return days < YEARS_FROM
        ? { n: Math.round(days / MONTH), unit: 'month' }
        : { n: Math.round(days / YEAR), unit: 'year' }
}
