import { systemsWords } from '../messages/systems'
import type { FloorPlanSheet, SystemSheet } from '../api/types'
import { DimensionLine } from '../drawing/DimensionLine'
import type { Point } from '../drawing/geometry'
import { polygon } from '../drawing/geometry'
import { ScaleBar } from '../drawing/ScaleBar'
import { useKeeper } from '../frame/keeper'
import { ink } from '../theme/tokens'
import { metres } from '../units/length'
import { layPools } from './pools'
import { Swimmers } from './Swimmers'
import { isRound, RoundRuns, StraightRuns } from './SwimRuns'

interface Props {
    system: SystemSheet
    plan: FloorPlanSheet
    /** Which of the plan's dates. */
    at: number
    width: number
}

/** So high that the lines above it and a line of the date tape for each who lives there are seen with it on a desk. */
const MAX_HEIGHT = 396
const LEAST_HEIGHT = 190
const TAPE_ROW = 20
const SIDE = 34
/** Below this the words round a vat go: the table has them. */
const NARROW = 520
const METRE = 1000
const FOOT = 304.8
/** Pixels for each line of a swimming length. */
const RUN_ROW = 23

/** A system from above on the chosen date: wall, metre grid, its fish at their length then, and what they need to swim and turn. */
export function FloorPlan({ system, plan, at, width }: Props) {
    const { units } = useKeeper()
    const { pools, roomiest, size } = layPools(system.basins)
    const round = isRound(system)
    const runs = [...plan.fish].sort((a, b) => (b.run_mm[at] ?? 0) - (a.run_mm[at] ?? 0)).slice(0, 3)
    const above = round ? 62 : 34 + runs.length * RUN_ROW
    const isNarrow = width < NARROW
    const right = round ? (isNarrow ? 34 : 120) : 0
    const highest = Math.max(LEAST_HEIGHT, MAX_HEIGHT - above - plan.fish.length * TAPE_ROW)
    const scale = Math.min((width - 2 * SIDE - right) / size[0], highest / size[1])
    const [w, h] = [size[0] * scale, size[1] * scale]
    const [x, y] = [round ? SIDE + 14 : SIDE, above]
    const grid = units.length === 'metric' ? METRE / 2 : FOOT
    return (
        <svg
            width={width}
            height={y + h + 78}
            role="img"
            aria-label={systemsWords.title({ name: system.name })}
            style={{ display: 'block' }}
        >
            <g transform={`translate(${x} ${y})`}>
                {pools.map((pool, i) => (
                    <Pool
                        key={i}
                        corners={pool.outline.map(([a, b]): Point => [a * scale, b * scale])}
                        dividers={pool.dividers.map((one) => ({
                            x: one.x * scale,
                            top: one.top * scale,
                            bottom: one.bottom * scale,
                        }))}
                        id={`pool-${system.id}-${i}`}
                        grid={grid * scale}
                        size={[w, h]}
                    />
                ))}
                {round && <Drain x={w / 2} y={h / 2} />}
                {round ? (
                    <RoundRuns
                        runs={runs}
                        at={at}
                        system={system}
                        plan={plan}
                        radius={w / 2}
                        isNarrow={isNarrow}
                    />
                ) : (
                    <StraightRuns
                        runs={runs}
                        at={at}
                        system={system}
                        plan={plan}
                        scale={scale}
                        row={RUN_ROW}
                    />
                )}
                <Swimmers
                    system={system}
                    plan={plan}
                    at={at}
                    scale={scale}
                    water={roomiest}
                    bounds={[w, h]}
                />
                <DimensionLine x1={0} x2={w} y={h + 26} label={metres(size[0], units)} />
                <ScaleBar
                    x={4}
                    y={h + 44}
                    part={grid * scale}
                    labels={barLabels(
                        units.length === 'metric',
                        Math.max(1, Math.min(4, Math.floor(w / 2 / (grid * scale)))),
                    )}
                />
            </g>
        </svg>
    )
}

function barLabels(isMetric: boolean, parts: number): string[] {
    return Array.from(
        { length: parts + 1 },
        (_, i) => `${isMetric ? i / 2 : i}${i === parts ? (isMetric ? ' m' : ' ft') : ''}`,
    )
}

function Pool({
    corners,
    dividers,
    id,
    grid,
    size: [w, h],
}: {
    corners: Point[]
    dividers: { x: number; top: number; bottom: number }[]
    id: string
    grid: number
    size: Point
}) {
    const lines = (end: number): number[] =>
        Array.from({ length: Math.floor(end / grid) }, (_, i) => (i + 1) * grid)
    return (
        <g>
            <path
                d={polygon(corners)}
                fill="none"
                stroke={ink('paper')}
                strokeWidth={18}
                strokeLinejoin="round"
            />
            <path
                d={polygon(corners)}
                fill="none"
                stroke="url(#hatch-ground)"
                strokeWidth={18}
                strokeLinejoin="round"
            />
            <clipPath id={id}>
                <path d={polygon(corners)} />
            </clipPath>
            <path d={polygon(corners)} fill={ink('water')} />
            <g clipPath={`url(#${id})`} stroke={ink('waterline')} strokeWidth={0.8} opacity={0.4}>
                {lines(w).map((at) => (
                    <path key={at} d={`M${at} 0V${h}`} />
                ))}
                {lines(h).map((at) => (
                    <path key={-at} d={`M0 ${at}H${w}`} />
                ))}
            </g>
            <path
                d={polygon(corners)}
                fill="none"
                stroke={ink('ink')}
                strokeWidth={2.2}
                strokeLinejoin="round"
            />
            {dividers.map((one) => (
                <g key={one.x}>
                    <path
                        d={`M${one.x} ${one.top}V${one.bottom}`}
                        stroke={ink('ink')}
                        strokeWidth={3}
                        strokeDasharray="9 4"
                    />
                    <text
                        x={one.x + 7}
                        y={one.bottom - 8}
                        fontSize="15"
                        fill={ink('ink2')}
                        paintOrder="stroke"
                        stroke={ink('water')}
                        strokeWidth={5}
                    >
                        {systemsWords.divider}
                    </text>
                </g>
            ))}
        </g>
    )
}

function Drain({ x, y }: { x: number; y: number }) {
    return (
        <g>
            <circle cx={x} cy={y} r={8} fill={ink('paper')} stroke={ink('ink')} strokeWidth={1.4} />
            <path d={`M${x - 8} ${y}h16M${x} ${y - 8}v16`} stroke={ink('ink')} strokeWidth={1.2} />
            <text
                x={x + 13}
                y={y + 20}
                fontSize="14"
                fill={ink('ink2')}
                paintOrder="stroke"
                stroke={ink('water')}
                strokeWidth={5}
            >
                {systemsWords.drain}
            </text>
        </g>
    )
}
