import { Box } from '@chakra-ui/react'
import type { CountSheet } from '../api/types'
import { useWidth } from '../frame/useWidth'
import { messages } from '../messages'
import { lossWords } from '../messages/losses'
import { ink } from '../theme/tokens'
import { daysBetween, longDay, monthOfYear } from '../units/day'

const words = lossWords.counts

const HEIGHT = 190
const LEFT = 34
const RIGHT = 14
const TOP = 12
const BELOW = 30
const MARK = 5.5

interface Props {
    counts: CountSheet
    name: string
    today: string
}

/** How many were believed there as steps over time, with each count where it lies: what it says at least stands on its floor. */
export function CountPicture({ counts, name, today }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const { expected, counted } = counts
    const begin = expected[0]?.date ?? today
    const days = Math.max(1, daysBetween(begin, today))
    const most = Math.max(1, ...expected.map(({ count }) => count), ...counted.map(({ number }) => number))
    const x = (day: string): number => LEFT + ((width - LEFT - RIGHT) * daysBetween(begin, day)) / days
    const y = (count: number): number => HEIGHT - BELOW - ((HEIGHT - TOP - BELOW) * count) / most
    const there = expected.at(-1)?.count ?? 0
    const text = { fontSize: 14, fill: ink('ink2') }
    return (
        <Box ref={box} minHeight={`${HEIGHT}px`}>
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={words.picture({ name, there, n: counted.length })}
                >
                    <path
                        d={`M${LEFT} ${TOP}V${y(0)}H${width - RIGHT}`}
                        fill="none"
                        stroke={ink('ink')}
                        strokeWidth={1.4}
                    />
                    {[0, Math.round(most / 2), most].map((count) => (
                        <text key={count} x={LEFT - 6} y={y(count) + 5} textAnchor="end" {...text}>
                            {count}
                        </text>
                    ))}
                    <text x={LEFT} y={HEIGHT - 8} {...text}>
                        {monthOfYear(begin)}
                    </text>
                    <text x={width - RIGHT} y={HEIGHT - 8} textAnchor="end" {...text}>
                        {monthOfYear(today)}
                    </text>
                    <path
                        d={`${expected.map(({ date, count }, i) => (i === 0 ? `M${x(date)} ${y(count)}` : `H${x(date)}V${y(count)}`)).join('')}H${x(today)}`}
                        fill="none"
                        stroke={ink('accent')}
                        strokeWidth={2.6}
                    />
                    {counted.map((count, i) => (
                        <Counted
                            key={i}
                            count={count}
                            x={x(count.date)}
                            y={y(count.number)}
                            whisker={y(0) - y(count.give_or_take ?? 0)}
                            floor={y(0)}
                            today={today}
                        />
                    ))}
                </svg>
            )}
        </Box>
    )
}

function Counted({
    count,
    x,
    y,
    whisker,
    floor,
    today,
}: {
    count: CountSheet['counted'][number]
    x: number
    y: number
    /** How rough it is, up and down. */
    whisker: number
    floor: number
    today: string
}) {
    const colour = ink(count.is_low ? 'over' : 'ink')
    return (
        <g>
            <title>
                {`${longDay(count.date, today)}: ${count.number}, ${messages.labels.counts[count.kind]}`}
            </title>
            {count.kind === 'at-least' && (
                <path d={`M${x} ${floor}V${y}`} stroke={colour} strokeWidth={2} strokeDasharray="3 3" />
            )}
            {whisker > 0 && (
                <path
                    d={`M${x} ${y - whisker}V${Math.min(floor, y + whisker)}`}
                    stroke={colour}
                    strokeWidth={2}
                />
            )}
            {count.kind === 'estimate' ? (
                <circle cx={x} cy={y} r={MARK} fill={ink('paper')} stroke={colour} strokeWidth={2} />
            ) : (
                <rect x={x - MARK} y={y - MARK} width={2 * MARK} height={2 * MARK} fill={colour} />
            )}
        </g>
    )
}
