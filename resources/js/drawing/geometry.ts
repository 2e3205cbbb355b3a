/** Points in pixels, y downwards. */
export type Point = readonly [x: number, y: number]

const round = (value: number): string => String(Math.round(value * 100) / 100)

export function polyline(points: readonly Point[]): string {
    return points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(x)} ${round(y)}`).join('')
}

export function polygon(points: readonly Point[]): string {
    return points.length === 0 ? '' : `${polyline(points)}Z`
}

/** A bow from the first point to the last, drawn towards the one between. */
export function bow([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): string {
    return `M${round(ax)} ${round(ay)}Q${round(bx)} ${round(by)} ${round(cx)} ${round(cy)}`
}

/** A smooth line through the points: Catmull and Rom's spline written as cubic Bézier curves. */
export function smooth(points: readonly Point[], closed = false): string {
    const n = points.length
    const at = (i: number): Point => points[closed ? (i + n) % n : Math.max(0, Math.min(n - 1, i))] ?? [0, 0]
    const [x0, y0] = at(0)
    let path = `M${round(x0)} ${round(y0)}`
    for (let i = 0; i < (closed ? n : n - 1); i++) {
        const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)]
        const k = 1 / 6
        path += `C${round(b[0] + (c[0] - a[0]) * k)} ${round(b[1] + (c[1] - a[1]) * k)}`
        path += ` ${round(c[0] - (d[0] - b[0]) * k)} ${round(c[1] - (d[1] - b[1]) * k)} ${round(c[0])} ${round(c[1])}`
    }
    return closed ? `${path}Z` : path
}

/** A small seeded random source, so that a drawing never flickers. */
export function seeded(seed: number): () => number {
    let state = seed | 0
    return () => {
        state = (state + 0x6d2b79f5) | 0
        let t = Math.imul(state ^ (state >>> 15), 1 | state)
        t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
        return ((t ^ (t >>> 14)) >>> 0) / 4294967296
    }
}

/** Even-odd rule. */
export function isInside([x, y]: Point, corners: readonly Point[]): boolean {
    let inside = false
    let [bx, by] = corners[corners.length - 1] ?? [0, 0]
    for (const [ax, ay] of corners) {
        if (ay > y !== by > y && x < ax + ((bx - ax) * (y - ay)) / (by - ay)) {
            inside = !inside
        }
        bx = ax
        by = ay
    }
    return inside
}

/** Whether a straight line between any two points inside stays inside. */
export function isConvex(corners: readonly Point[]): boolean {
    const turns = corners.map(([bx, by], i) => {
        const [ax, ay] = corners.at(i - 1) ?? [0, 0]
        const [cx, cy] = corners[(i + 1) % corners.length] ?? [0, 0]
        return (bx - ax) * (cy - by) - (by - ay) * (cx - bx)
    })
    return turns.every((turn) => turn >= 0) || turns.every((turn) => turn <= 0)
}

/** A ragged line that says "cut here"; level from x1 to x2. */
export function tornEdge(x1: number, x2: number, y: number, seed: number): Point[] {
    const random = seeded(seed)
    const steps = Math.max(2, Math.round((x2 - x1) / 11))
    return Array.from({ length: steps + 1 }, (_, i) => [
        x1 + ((x2 - x1) * i) / steps,
        y + (i % 2 === 0 ? -4 : 4) * (0.35 + 0.65 * random()),
    ])
}
