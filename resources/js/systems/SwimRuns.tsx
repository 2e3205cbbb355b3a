import { systemsWords } from '../messages/systems'
import type { FishRow, FloorPlanSheet, GrowingFish, SystemSheet } from '../api/types'
import { SurveyMark } from '../drawing/SurveyMark'
import { useUnit } from '../frame/keeper'
import { bandInk, ink } from '../theme/tokens'
import { bare } from '../units/length'

interface Props {
    /** Those that need most, longest first. */
    runs: readonly GrowingFish[]
    at: number
    system: SystemSheet
    plan: FloorPlanSheet
}

/** Sides of a drawn circle are many; nothing else has so many corners. */
const MANY_SIDES = 60

export const isRound = (system: SystemSheet): boolean =>
    system.basins.length === 1 && (system.basins[0]?.outline_mm.length ?? 0) > MANY_SIDES

/** Above a tank: each run needed as a line to scale over the run there. */
export function StraightRuns({ runs, at, system, plan, scale, row }: Props & { scale: number; row: number }) {
    const unit = useUnit()
    const there = plan.run_mm * scale
    return (
        <g>
            {runs.map((fish, i) => {
                const needed = (fish.run_mm[at] ?? 0) * scale
                const row_ = system.fish.find((one) => one.id === fish.id)
                const y = -18 - (runs.length - 1 - i) * row
                const end = Math.min(needed, there)
                const label = needWords(row_, bare(fish.run_mm[at] ?? 0, unit), needed > there)
                return (
                    <g key={fish.id}>
                        <path
                            d={`M0 ${y}H${there}`}
                            stroke={bandInk(row_?.band ?? 0)}
                            strokeWidth={1.4}
                            strokeDasharray="4 4"
                        />
                        <path
                            d={`M0 ${y}H${end}`}
                            stroke={needed > there ? ink('over') : bandInk(row_?.band ?? 0)}
                            strokeWidth={3.4}
                        />
                        <SurveyMark band={row_?.band ?? 0} x={end} y={y} r={5} />
                        <text
                            x={6}
                            y={y - 5}
                            fontSize="14"
                            fontWeight={600}
                            fill={needed > there ? ink('over') : ink('ink')}
                            paintOrder="stroke"
                            stroke={ink('paper')}
                            strokeWidth={4}
                        >
                            {label}
                        </text>
                    </g>
                )
            })}
        </g>
    )
}

const ARC_STEP = 15

/** Round a vat: a swimmer circles along the wall, so its run is half the way round. */
export function RoundRuns({
    runs,
    at,
    system,
    plan,
    radius,
    isNarrow,
}: Props & { radius: number; isNarrow: boolean }) {
    const unit = useUnit()
    return (
        <g transform={`translate(${radius} ${radius})`}>
            <path
                d={`M0 ${-radius - 8}V${-radius - 42}M0 ${radius + 8}V${radius + 12}`}
                stroke={ink('ink')}
                strokeWidth={1.2}
            />
            {!isNarrow && (
                <text
                    x={Math.sqrt((radius + 16 + runs.length * ARC_STEP) ** 2 - (radius * 0.92) ** 2) + 8}
                    y={-radius * 0.92}
                    fontSize="14"
                    fill={ink('ink2')}
                >
                    {systemsWords.runHalf({ run: `${bare(plan.run_mm, unit)} ${unit.word}` })}
                </text>
            )}
            {runs.map((fish, i) => {
                const r = radius + 16 + i * ARC_STEP
                const share = (fish.run_mm[at] ?? 0) / plan.run_mm
                const row = system.fish.find((one) => one.id === fish.id)
                const colour = share > 1 ? ink('over') : bandInk(row?.band ?? 0)
                const [x, y] = onCircle(r, Math.min(1, share))
                const words = needWords(row, bare(fish.run_mm[at] ?? 0, unit), share > 1)
                return (
                    <g key={fish.id}>
                        <path
                            d={arc(r, 1)}
                            fill="none"
                            stroke={bandInk(row?.band ?? 0)}
                            strokeWidth={1.4}
                            strokeDasharray="4 4"
                        />
                        <path d={arc(r, Math.min(1, share))} fill="none" stroke={colour} strokeWidth={3.4} />
                        <SurveyMark band={row?.band ?? 0} x={x} y={y} r={5} />
                        {!isNarrow && (
                            <text
                                x={x + 12}
                                y={y + (i - 1) * 3 + 5}
                                fontSize="14"
                                fontWeight={600}
                                fill={share > 1 ? ink('over') : ink('ink')}
                                paintOrder="stroke"
                                stroke={ink('paper')}
                                strokeWidth={4}
                            >
                                {words}
                            </text>
                        )}
                    </g>
                )
            })}
        </g>
    )
}

/** A point on the right half of a circle, from the top (0) to the bottom (1). */
function onCircle(r: number, share: number): [number, number] {
    const angle = Math.PI * share - Math.PI / 2
    return [r * Math.cos(angle), r * Math.sin(angle)]
}

function arc(r: number, share: number): string {
    const [x, y] = onCircle(r, share)
    return `M0 ${-r}A${r} ${r} 0 0 1 ${x} ${y}`
}

/** "Reed needs 142, more than there is". */
const needWords = (row: FishRow | undefined, run: string, isTooMuch: boolean): string =>
    [
        systemsWords.needs({ n: row?.count ?? 1, name: row?.name ?? '', run }),
        ...(isTooMuch ? [systemsWords.tooMuch] : []),
    ].join(', ')
