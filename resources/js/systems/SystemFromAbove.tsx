import { useId, useMemo } from 'react'
import type { FishRow, SystemSheet } from '../api/types'
import { FishAbove } from '../drawing/FishAbove'
import type { Point } from '../drawing/geometry'
import { polygon, polyline, tornEdge } from '../drawing/geometry'
import type { Swimmer } from '../drawing/placeFish'
import { memberLength } from '../drawing/memberLength'
import { placeFish } from '../drawing/placeFish'
import { ink } from '../theme/tokens'
import { Pool } from './Pool'
import { layPools } from './pools'

interface Props {
    system: SystemSheet
    x: number
    y: number
    /** Pixels per millimetre. */
    scale: number
    /** What is larger is cut by a torn edge, never squeezed. */
    maxWidth?: number
    maxHeight?: number
    /** Fish to ring. */
    ringed?: ReadonlySet<number>
}

const DRAWN_OF_A_SHOAL = 20

/** The size of the drawing in pixels. */
export function drawnSize(
    system: SystemSheet,
    scale: number,
    maxWidth = Infinity,
    maxHeight = Infinity,
): [width: number, height: number] {
    const [width, height] = fullSize(system)
    return [Math.min(width * scale, maxWidth), Math.min(height * scale, maxHeight)]
}

export function fullSize(system: SystemSheet): Point {
    return layPools(system.basins).size
}

/** A system from above, to scale, with its fish at their length of today. */
export function SystemFromAbove({
    system,
    x,
    y,
    scale,
    maxWidth = Infinity,
    maxHeight = Infinity,
    ringed,
}: Props) {
    const clip = useId()
    const [fullWidth, fullHeight] = fullSize(system)
    const [width, height] = drawnSize(system, scale, maxWidth, maxHeight)
    const cutRight = fullWidth * scale > maxWidth + 1
    const cutBelow = fullHeight * scale > maxHeight + 1
    const { pools, roomiest } = layPools(system.basins)
    const swimmers = usePlaced(
        system,
        roomiest,
        cutRight ? width / scale - 60 : Infinity,
        cutBelow ? height / scale - 60 : Infinity,
    )
    const right = tornEdge(-8, height + 8, 0, system.id + 3).map(([along, off]): Point => [
        width + off,
        along,
    ])
    const below = tornEdge(-8, width + 8, 0, system.id + 7).map(([along, off]): Point => [
        along,
        height + off,
    ])
    const window = paperOf(width, height, cutRight ? right : null, cutBelow ? below : null)
    return (
        <g transform={`translate(${x} ${y})`}>
            <clipPath id={clip}>
                <path d={polygon(window)} />
            </clipPath>
            <g clipPath={`url(#${clip})`}>
                {pools.map((pool, i) => (
                    <Pool key={i} pool={pool} scale={scale} />
                ))}
                {swimmers.map((one) => (
                    <g key={one.key}>
                        {ringed?.has(Number(one.key.split('/')[0])) === true && (
                            <circle
                                cx={one.x * scale}
                                cy={one.y * scale}
                                r={Math.min((one.length * scale) / 2 + 3.5, Math.min(width, height) * 0.36)}
                                fill={ink('fresh')}
                                stroke={ink('ink')}
                                strokeWidth={1.6}
                            />
                        )}
                        <FishAbove
                            form={one.form}
                            band={one.band}
                            x={one.x * scale}
                            y={one.y * scale}
                            length={Math.max(7, one.length * scale)}
                            angle={one.angle}
                        />
                    </g>
                ))}
            </g>
            {cutRight && <TornLine points={right} dx={5} dy={0} />}
            {cutBelow && <TornLine points={below} dx={0} dy={5} />}
        </g>
    )
}

/** The paper that is left: to the torn edges where it is torn, else a little more than the drawing. */
const paperOf = (width: number, height: number, right: Point[] | null, below: Point[] | null): Point[] => [
    [-9, -9],
    ...(right !== null
        ? right
        : ([
              [width + 9, -9],
              [width + 9, height + 9],
          ] satisfies Point[])),
    ...(below !== null
        ? [...below].reverse()
        : ([
              [width + 9, height + 9],
              [-9, height + 9],
          ] satisfies Point[])),
    [-9, height + (below !== null ? 0 : 9)],
]

function TornLine({ points, dx, dy }: { points: Point[]; dx: number; dy: number }) {
    const second = points.map(([a, b]): Point => [a + dx, b + dy])
    return <path d={polyline(points) + polyline(second)} fill="none" stroke={ink('ink')} strokeWidth={1.2} />
}

function usePlaced(system: SystemSheet, outline: Point[], visibleWidth: number, visibleHeight: number) {
    const swimmers = system.fish.flatMap(membersOf)
    const signature = JSON.stringify([system.id, swimmers, visibleWidth, visibleHeight])
    return useMemo(() => {
        const visible = outline.map(([x, y]): Point => [
            Math.min(x, visibleWidth),
            Math.min(y, visibleHeight),
        ])
        return placeFish(visible, swimmers, system.id * 17 + 5)
        // The signature stands for everything that is drawn from.
        // oxlint-disable-next-line react/exhaustive-deps
    }, [signature])
}

function membersOf(fish: FishRow): Swimmer[] {
    const drawn = Math.min(fish.count, DRAWN_OF_A_SHOAL)
    return Array.from({ length: drawn }, (_, i) => ({
        key: `${fish.id}/${i}`,
        form: fish.form,
        band: fish.band,
        length: memberLength(fish.largest_mm, fish.smallest_mm, i, drawn),
    }))
}
