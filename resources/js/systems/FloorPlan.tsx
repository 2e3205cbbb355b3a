import { isOverOn } from './stayEnd'
import { systemsWords } from '../messages/systems'
import { useMemo } from 'react'
import type { FishRow, GrowingFish, FloorPlanSheet, SystemSheet } from '../api/types'
import { DimensionLine } from '../drawing/DimensionLine'
import { FishAbove } from '../drawing/FishAbove'
import type { Point } from '../drawing/geometry'
import { polygon } from '../drawing/geometry'
import { memberLength } from '../drawing/memberLength'
import { placeFish } from '../drawing/placeFish'
import { ScaleBar } from '../drawing/ScaleBar'
import { useKeeper, useUnit } from '../frame/keeper'
import { bandInk, ink } from '../theme/tokens'
import { bare, metres } from '../units/length'
import { layPools } from './pools'
import { isRound, RoundRuns, StraightRuns } from './SwimRuns'

interface Props {
    system: SystemSheet
    plan: FloorPlanSheet
    /** Which of the plan's dates. */
    at: number
    width: number
}

const MAX_HEIGHT = 350
const SIDE = 34
/** Below this the words round a vat go: the table has them. */
const NARROW = 520
const METRE = 1000
const FOOT = 304.8
const DRAWN_OF_A_SHOAL = 20
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
    const scale = Math.min((width - 2 * SIDE - right) / size[0], MAX_HEIGHT / size[1])
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
                fontSize="14.5"
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

interface SwimmersProps {
    system: SystemSheet
    plan: FloorPlanSheet
    at: number
    scale: number
    water: Point[]
    bounds: Point
}

function Swimmers({ system, plan, at, scale, water, bounds: [w, h] }: SwimmersProps) {
    const unit = useUnit()
    const laid = usePlaces(system, plan, water)
    const rows = new Map(system.fish.map((fish) => [fish.id, fish]))
    const growing = new Map(plan.fish.map((fish) => [fish.id, fish]))
    const date = plan.dates[at] ?? ''
    const longest = [...plan.fish].sort((a, b) => (b.turning_mm[at] ?? 0) - (a.turning_mm[at] ?? 0))[0]
    const turning = longest?.turning_mm[at] ?? 0
    const placed = laid.map((one) =>
        one.key === `${longest?.id ?? 0}/0`
            ? { ...one, ...whereItTurns(one, turning / 2, w / scale, h / scale) }
            : one,
    )
    const firsts = placed.filter((one) => one.key.endsWith('/0'))
    const turningFish = firsts.find((one) => one.key === `${longest?.id ?? 0}/0`)
    return (
        <g>
            {turningFish !== undefined && (
                <circle
                    cx={turningFish.x * scale}
                    cy={turningFish.y * scale}
                    r={(turning * scale) / 2}
                    fill="none"
                    stroke={ink('ink')}
                    strokeWidth={1.4}
                    strokeDasharray="9 4 2 4"
                />
            )}
            {placed.map((swimmer) => {
                const fish = growing.get(Number(swimmer.key.split('/')[0]))
                return (
                    <Swimmer
                        key={swimmer.key}
                        swimmer={swimmer}
                        length={lengthOn(at, swimmer.key, fish, rows) * scale}
                        scale={scale}
                        isOver={fish !== undefined && isOverOn(fish, rows.get(fish.id), date)}
                    />
                )
            })}
            {turningFish !== undefined && (
                <TurningWords
                    x={turningFish.x * scale}
                    y={turningFish.y * scale}
                    r={(turning * scale) / 2}
                    label={systemsWords.turns({
                        n: rows.get(longest?.id ?? 0)?.count ?? 1,
                        name: rows.get(longest?.id ?? 0)?.name ?? '',
                        size: `${bare(turning, unit)} ${unit.word}`,
                    })}
                    width={w}
                />
            )}
            {firsts.map((one) => {
                const fish = growing.get(Number(one.key.split('/')[0]))
                const row = rows.get(fish?.id ?? 0)
                return fish === undefined || row === undefined ? null : (
                    <Name
                        key={one.key}
                        fish={row}
                        length={bare(fish.likely_mm[at] ?? 0, unit)}
                        isOver={isOverOn(fish, row, date)}
                        x={one.x * scale}
                        y={one.y * scale}
                        below={(fish.largest_mm[at] ?? 0) * scale * 0.14 + 17}
                        width={w}
                        height={h}
                    />
                )
            })}
        </g>
    )
}

/** Of this member of a shoal, or of the fish. */
function lengthOn(
    at: number,
    key: string,
    fish: GrowingFish | undefined,
    rows: ReadonlyMap<number, FishRow>,
): number {
    const drawn = Math.min(rows.get(fish?.id ?? 0)?.count ?? 1, DRAWN_OF_A_SHOAL)
    return memberLength(
        fish?.largest_mm[at] ?? 0,
        fish?.smallest_mm[at] ?? 0,
        Number(key.split('/')[1]),
        drawn,
    )
}

interface SwimmerProps {
    swimmer: ReturnType<typeof usePlaces>[number]
    length: number
    scale: number
    isOver: boolean
}

/** One from above, hatched when it no longer fits. */
function Swimmer({ swimmer, length, scale, isOver }: SwimmerProps) {
    return (
        <g>
            <FishAbove
                form={swimmer.form}
                band={swimmer.band}
                x={swimmer.x * scale}
                y={swimmer.y * scale}
                length={Math.max(6, length)}
                angle={swimmer.angle}
            />
            {isOver && (
                <rect
                    x={-length / 2}
                    y={-length * 0.1}
                    width={length}
                    height={length * 0.2}
                    fill="url(#hatch-over)"
                    transform={`translate(${swimmer.x * scale} ${swimmer.y * scale}) rotate(${swimmer.angle})`}
                />
            )}
        </g>
    )
}

function Name({
    fish,
    length,
    isOver,
    x,
    y,
    below,
    width,
    height,
}: {
    fish: FishRow
    length: string
    isOver: boolean
    x: number
    y: number
    below: number
    width: number
    height: number
}) {
    const text = `${fish.name} ${length}${isOver ? `, ${systemsWords.noLonger}` : ''}`
    const half = text.length * 4.1
    return (
        <text
            x={Math.max(half, Math.min(width - half, x))}
            y={y + below > height - 6 ? y - below + 10 : y + below}
            fontSize="15.5"
            fontWeight={700}
            textAnchor="middle"
            fill={isOver ? ink('over') : bandInk(fish.band)}
            paintOrder="stroke"
            stroke={ink('water')}
            strokeWidth={5}
            strokeLinejoin="round"
        >
            {text}
        </text>
    )
}

/** Beside the turning circle, on the side where there is more room, or above it. */
function TurningWords({
    x,
    y,
    r,
    label,
    width,
}: {
    x: number
    y: number
    r: number
    label: string
    width: number
}) {
    const length = label.length * 7.4
    const isRight = width - x >= x
    const fits = (isRight ? width - x : x) - r > length + 10
    const place = fits
        ? ({
              x: isRight ? x + r + 8 : x - r - 8,
              y: y - r * 0.55,
              anchor: isRight ? 'start' : 'end',
          } as const)
        : ({
              x: Math.max(length / 2, Math.min(width - length / 2, x)),
              y: y - r - 7,
              anchor: 'middle',
          } as const)
    return (
        <text
            x={place.x}
            y={place.y}
            fontSize="15"
            textAnchor={place.anchor}
            fill={ink('ink')}
            paintOrder="stroke"
            stroke={ink('water')}
            strokeWidth={5}
            strokeLinejoin="round"
        >
            {label}
        </text>
    )
}

/** The longest turns where there is room for it; in the middle when there is too little. */
function whereItTurns(
    { x, y }: { x: number; y: number },
    r: number,
    width: number,
    height: number,
): { x: number; y: number } {
    const within = (value: number, length: number): number =>
        2 * r > length ? length / 2 : Math.max(r, Math.min(length - r, value))
    return { x: within(x, width), y: within(y, height) }
}

/** Fish keep their places while the date is dragged: they are laid out once, at the longest that the water can show. */
function usePlaces(system: SystemSheet, plan: FloorPlanSheet, water: Point[]) {
    const span = Math.max(...water.map(([x]) => x), 1) - Math.min(...water.map(([x]) => x), 0)
    const swimmers = system.fish.flatMap((fish) => {
        const lengths = plan.fish.find((one) => one.id === fish.id)?.likely_mm ?? []
        const length = Math.min(lengths[Math.min(lengths.length - 1, 52)] ?? 0, span * 0.4)
        return Array.from({ length: Math.min(fish.count, DRAWN_OF_A_SHOAL) }, (_, i) => ({
            key: `${fish.id}/${i}`,
            form: fish.form,
            band: fish.band,
            length,
        }))
    })
    const signature = JSON.stringify([system.id, swimmers, water])
    return useMemo(
        () => placeFish(water, swimmers, system.id * 17 + 5),
        // The signature stands for everything that is drawn from.
        // eslint-disable-next-line react-hooks/exhaustive-deps
        [signature],
    )
}
