import { Box } from '@chakra-ui/react'
import type { BroodSheet } from '../api/types'
import { useWidth } from '../frame/useWidth'
import { broodWords as words } from '../messages/brood'
import { ink } from '../theme/tokens'
import { addDays, daysBetween, shortDay } from '../units/day'

const ROW = 20
const TOP = 16
const BELOW = 22
const EDGE = 8
/** A single day is drawn this wide at least. */
const LEAST = 5

/** The days of a brood to scale: each stage as the span in which it is expected, and today. */
export function BroodTimeline({ brood, today }: { brood: BroodSheet; today: string }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const steps = brood.steps.filter((step) => !step.is_left_out)
    const last = Math.max(7, ...steps.map((step) => daysBetween(brood.date, step.until)))
    const until = addDays(brood.date, last)
    const x = (day: string): number =>
        EDGE + ((width - 2 * EDGE) * Math.min(last, Math.max(0, daysBetween(brood.date, day)))) / last
    const height = TOP + steps.length * ROW + BELOW
    const text = { fontSize: 14, fill: ink('ink2') }
    return (
        <Box ref={box} minHeight={`${height}px`}>
            {width > 0 && (
                <svg
                    width={width}
                    height={height}
                    role="img"
                    aria-label={words.timeline({
                        mother: brood.mother,
                        from: shortDay(brood.date, today),
                        until: shortDay(until, today),
                        day: daysBetween(brood.date, today),
                    })}
                >
                    <path
                        d={`M${EDGE} ${height - BELOW}H${width - EDGE}`}
                        stroke={ink('ink')}
                        strokeWidth={1.4}
                    />
                    {Array.from({ length: Math.floor(last / 7) + 1 }, (_, week) =>
                        addDays(brood.date, 7 * week),
                    ).map((day, week) => (
                        <g key={day}>
                            <path
                                d={`M${x(day)} ${TOP}V${height - BELOW}`}
                                stroke={ink('rule')}
                                strokeWidth={1}
                            />
                            <text
                                x={x(day)}
                                y={height - 6}
                                textAnchor={week === 0 ? 'start' : 'middle'}
                                {...text}
                            >
                                {7 * week}
                            </text>
                        </g>
                    ))}
                    {steps.map((step, i) => (
                        <Span
                            key={step.kind}
                            step={step}
                            y={TOP + i * ROW}
                            from={x(step.from)}
                            until={Math.max(x(step.from) + LEAST, x(step.until))}
                            width={width}
                        />
                    ))}
                    {today <= until && (
                        <path
                            d={`M${x(today)} ${TOP - 8}V${height - BELOW}`}
                            stroke={ink('ink')}
                            strokeWidth={2}
                        />
                    )}
                </svg>
            )}
        </Box>
    )
}

function Span({
    step,
    y,
    from,
    until,
    width,
}: {
    step: BroodSheet['steps'][number]
    y: number
    from: number
    until: number
    width: number
}) {
    const isLeft = until > width / 2
    return (
        <g>
            <rect
                x={from}
                y={y + 4}
                width={until - from}
                height={ROW - 8}
                fill={ink(step.is_done ? 'done' : step.is_late ? 'over' : 'waterline')}
            />
            <text
                x={isLeft ? from - 6 : until + 6}
                y={y + 15}
                textAnchor={isLeft ? 'end' : 'start'}
                fontSize={14}
                fill={ink('ink')}
            >
                {step.words}
            </text>
        </g>
    )
}
