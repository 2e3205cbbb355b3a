import type { SystemSheet } from '../api/types'
import type { Point } from '../drawing/geometry'

export interface LaidPool {
    outline: Point[]
    /** Upright lines across it, from y to y. */
    dividers: { x: number; top: number; bottom: number }[]
}

const GAP_MM = 250

type Basins = Pick<SystemSheet, 'basins'>['basins']

/** The pools of a system side by side, in millimetres; the roomiest last, so that fish are laid in it. */
export function layPools(basins: Basins): { pools: LaidPool[]; roomiest: Point[]; size: Point } {
    let left = 0
    let height = 0
    const pools = basins.map((basin) => {
        const outline = basin.outline_mm.map(([x, y]): Point => [left + (x ?? 0), y ?? 0])
        const dividers = basin.dividers_mm.map((at) => ({ x: left + at, ...reach(outline, left + at) }))
        left = Math.max(left, ...outline.map(([x]) => x)) + GAP_MM
        height = Math.max(height, ...outline.map(([, y]) => y))
        return { outline, dividers }
    })
    const roomiest = pools.reduce<LaidPool | undefined>(
        (best, one) => (best === undefined || area(one.outline) > area(best.outline) ? one : best),
        undefined,
    )
    return {
        pools,
        roomiest: roomiest === undefined ? [] : partWithFish(roomiest),
        size: [Math.max(1, left - GAP_MM), Math.max(1, height)],
    }
}

/** With a divider fish are drawn in the larger part. */
function partWithFish(pool: LaidPool): Point[] {
    const at = pool.dividers[0]?.x
    if (at === undefined) {
        return pool.outline
    }
    const xs = pool.outline.map(([x]) => x)
    const keepsLeft = at - Math.min(...xs) >= Math.max(...xs) - at
    return pool.outline.map(([x, y]): Point => [keepsLeft ? Math.min(x, at) : Math.max(x, at), y])
}

/** Where an upright line enters and leaves an outline. */
function reach(outline: readonly Point[], x: number): { top: number; bottom: number } {
    const crossings = outline.flatMap(([ax, ay], i) => {
        const [bx, by] = outline[(i + 1) % outline.length] ?? [ax, ay]
        return ax <= x === bx <= x ? [] : [ay + ((by - ay) * (x - ax)) / (bx - ax)]
    })
    return { top: Math.min(...crossings), bottom: Math.max(...crossings) }
}

function area(outline: readonly Point[]): number {
    return (
        Math.abs(
            outline.reduce((sum, [x, y], i) => {
                const [nextX, nextY] = outline[(i + 1) % outline.length] ?? [0, 0]
                return sum + x * nextY - nextX * y
            }, 0),
        ) / 2
    )
}
