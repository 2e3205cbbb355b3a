import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useState } from 'react'
import type { AggressionSheet, FishRow } from '../api/types'
import { Section } from '../frame/Section'
import { useWidth } from '../frame/useWidth'
import { SurveyMark } from '../drawing/SurveyMark'
import { aggressionWords } from '../messages/aggression'
import { bandInk, ink } from '../theme/tokens'
import { addDays, daysBetween, longDay, monthOfYear } from '../units/day'

const words = aggressionWords.rank

const HEIGHT = 260
const LEFT = 54
const RIGHT = 96
const TOP = 14
const BELOW = 44
const YEAR = 365
const HALVES = [0, 183, YEAR]
const NARROW = 560
const QUARTERS = [0, 91, 183, 274, YEAR]
const MIDDLE = 1000
const STEP = 100
const MARK = 5
/** Names at the right edge stand at least so far apart. */
const LINE = 20

interface Props {
    sheet: AggressionSheet
    fish: readonly FishRow[]
    today: string
}

/** How the rank of each moved over the year, with who came, went and returned; with a table as twin. */
export function RankPicture({ sheet, fish, today }: Props) {
    const [asTable, showTable] = useState(false)
    if (sheet.ratings.length === 0) {
        return null
    }
    return (
        <Section title={words.over}>
            {asTable ? (
                <Twin sheet={sheet} today={today} />
            ) : (
                <Picture sheet={sheet} fish={fish} today={today} />
            )}
            <chakra.p color="ink2" fontSize="note">
                {words.legend}
            </chakra.p>
            <Button variant="plain" onClick={() => showTable(!asTable)}>
                {asTable ? words.picture : words.table}
            </Button>
        </Section>
    )
}

interface Scales {
    x: (day: string) => number
    y: (rating: number) => number
}

function Picture({ sheet, fish, today }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const begin = addDays(today, -YEAR)
    const all = sheet.ratings.flatMap(({ ratings }) => ratings)
    const [low, high] = [
        Math.floor(Math.min(MIDDLE - STEP / 2, ...all) / STEP) * STEP,
        Math.ceil(Math.max(MIDDLE + STEP / 2, ...all) / STEP) * STEP,
    ]
    const scales: Scales = {
        x: (day) => LEFT + ((width - LEFT - RIGHT) * Math.max(0, daysBetween(begin, day))) / YEAR,
        y: (rating) => TOP + ((HEIGHT - TOP - BELOW) * (high - rating)) / (high - low),
    }
    return (
        <Box ref={box} minHeight={`${HEIGHT}px`} paddingTop="8px">
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={sheet.ratings
                        .map(({ name, ratings }) => words.rating({ name, now: last(ratings) }))
                        .join('. ')}
                >
                    <Axes
                        scales={scales}
                        levels={Array.from({ length: (high - low) / STEP + 1 }, (_, i) => low + i * STEP)}
                        quarters={(width < NARROW ? HALVES : QUARTERS).map((days) => addDays(begin, days))}
                        end={width - RIGHT}
                    />
                    {sheet.changes.map((change) => (
                        <Change
                            key={`${change.date}${change.words}`}
                            change={change}
                            x={scales.x(change.date)}
                            today={today}
                        />
                    ))}
                    <Lines ratings={sheet.ratings} fish={fish} scales={scales} today={today} />
                </svg>
            )}
        </Box>
    )
}

const last = (ratings: readonly number[]): number => ratings.at(-1) ?? MIDDLE

function Axes({
    scales: { x, y },
    levels,
    quarters,
    end,
}: {
    scales: Scales
    levels: readonly number[]
    quarters: readonly string[]
    end: number
}) {
    const text = { fontSize: 14, fill: ink('ink2') }
    return (
        <>
            {levels.map((level) => (
                <g key={level}>
                    <path
                        d={`M${LEFT} ${y(level)}H${end}`}
                        stroke={ink('rule')}
                        strokeWidth={level === MIDDLE ? 1.8 : 1}
                    />
                    <text x={LEFT - 8} y={y(level) + 5} textAnchor="end" {...text}>
                        {level}
                    </text>
                </g>
            ))}
            {quarters.map((day) => (
                <text key={day} x={x(day)} y={HEIGHT - 6} textAnchor="middle" {...text}>
                    {monthOfYear(day)}
                </text>
            ))}
        </>
    )
}

function Change({
    change,
    x,
    today,
}: {
    change: AggressionSheet['changes'][number]
    x: number
    today: string
}) {
    return (
        <g>
            <title>{`${longDay(change.date, today)}: ${change.words}`}</title>
            <path
                d={`M${x} ${TOP}V${HEIGHT - BELOW}`}
                stroke={ink('edge')}
                strokeWidth={1}
                strokeDasharray="2 4"
            />
            <path d={glyph(x, HEIGHT - BELOW + 10, change.kind)} fill={ink('ink')} />
        </g>
    )
}

function Lines({
    ratings,
    fish,
    scales: { x, y },
    today,
}: {
    ratings: AggressionSheet['ratings']
    fish: readonly FishRow[]
    scales: Scales
    today: string
}) {
    const ends = apart(
        ratings.map((series) => ({ ...series, y: y(last(series.ratings)) })),
        LINE,
    )
    return (
        <>
            {ratings.map((series) => {
                const band = fish.find(({ id }) => id === series.fish_id)?.band ?? 0
                return (
                    <g key={series.fish_id}>
                        <path
                            d={stepped(series.dates.map(x), series.ratings.map(y), x(today))}
                            fill="none"
                            stroke={bandInk(band)}
                            strokeWidth={2.4}
                        />
                        <SurveyMark band={band} x={x(today)} y={y(last(series.ratings))} r={MARK} />
                    </g>
                )
            })}
            {ends.map((end) => (
                <text key={end.fish_id} x={x(today) + 12} y={end.y + 5} fontSize="15" fill={ink('ink')}>
                    {end.name}
                </text>
            ))}
        </>
    )
}

/** A rating holds until the next contest. */
const stepped = (xs: readonly number[], ys: readonly number[], end: number): string =>
    `${xs.map((x, i) => (i === 0 ? `M${x} ${ys[i] ?? 0}` : `H${x}V${ys[i] ?? 0}`)).join('')}H${end}`

/** Down for one that came in, up for one that went out. */
function glyph(x: number, y: number, kind: AggressionSheet['changes'][number]['kind']): string {
    const size = kind === 'came-in' || kind === 'came-back' ? MARK : -MARK
    return `M${x - MARK} ${y - size}H${x + MARK}L${x} ${y + size}Z`
}

/** Moves what would overlap so far apart that each can be read. */
function apart<T extends { y: number }>(ends: readonly T[], least: number): T[] {
    const sorted = [...ends].sort((a, b) => a.y - b.y)
    sorted.forEach((end, i) => {
        const before = sorted[i - 1]
        if (before !== undefined && end.y < before.y + least) {
            sorted[i] = { ...end, y: before.y + least }
        }
    })
    return sorted
}

function Twin({ sheet, today }: { sheet: AggressionSheet; today: string }) {
    const rows = sheet.ratings.flatMap(({ name, dates, ratings }) =>
        dates.map((date, i) => ({ name, date, rating: ratings[i] ?? MIDDLE })),
    )
    return (
        <Box overflowX="auto" maxHeight="420px" overflowY="auto">
            <Table.Root>
                <Table.Header>
                    <Table.Row>
                        <Table.ColumnHeader>{words.who}</Table.ColumnHeader>
                        <Table.ColumnHeader>{words.date}</Table.ColumnHeader>
                        <Table.ColumnHeader>{words.value}</Table.ColumnHeader>
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {rows.map(({ name, date, rating }) => (
                        <Table.Row key={`${name}${date}`}>
                            <Table.Cell>{name}</Table.Cell>
                            <Table.Cell>{longDay(date, today)}</Table.Cell>
                            <Table.Cell>{rating}</Table.Cell>
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
        </Box>
    )
}
