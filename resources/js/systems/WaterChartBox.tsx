import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { Box, Button, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { scaleLinear, scaleUtc } from 'd3-scale'
import { useState } from 'react'
import { readingsQuery } from '../api/queries'
import type { Quantity, SystemSheet, WaterChart } from '../api/types'
import type { Point } from '../drawing/geometry'
import { polygon, polyline } from '../drawing/geometry'
import { useKeeper } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { Waiting } from '../frame/Waiting'
import { ChoiceField, optionsOf } from '../entry/fields'
import { ink } from '../theme/tokens'
import { shortDay } from '../units/day'
const HEIGHT = 210
const LEFT = 44
/** All others are concentrations: their pictures begin at none. */
const NOT_FROM_ZERO = new Set<Quantity>(['temperature_c', 'ph', 'conductivity_us'])
const GAP_MS = 3 * 86_400_000

const names: Record<Quantity, string> = messages.labels.quantities
const spans = Object.fromEntries(Object.entries(systemsWords.water.spans)) as Record<string, string>

/** One measured quantity over time: days of a probe as a band with its mean, tests by hand as points. */
export function WaterChartBox({ system }: { system: SystemSheet }) {
    const [quantity, setQuantity] = useState<Quantity>('nitrate_mg_l')
    const [days, setDays] = useState('90')
    const [asTable, showTable] = useState(false)
    return (
        <Box as="section" aria-label={systemsWords.water.chart}>
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px">
                <ChoiceField
                    label={systemsWords.water.quantity}
                    options={optionsOf(names)}
                    value={quantity}
                    onChange={(value) => setQuantity(value as Quantity)}
                />
                <ChoiceField
                    label={systemsWords.water.span}
                    options={optionsOf(spans)}
                    value={days}
                    onChange={setDays}
                />
            </Box>
            <Waiting query={useQuery(readingsQuery(system.id, quantity, Number(days)))}>
                {(chart) =>
                    chart.readings.length + chart.tests.length === 0 ? (
                        <Box color="ink2" paddingBlock="16px">
                            {systemsWords.water.noValues}
                        </Box>
                    ) : (
                        <>
                            {asTable ? <ChartTable chart={chart} /> : <Picture chart={chart} />}
                            <Button variant="plain" onClick={() => showTable(!asTable)}>
                                {asTable ? systemsWords.asPicture : systemsWords.asTable}
                            </Button>
                        </>
                    )
                }
            </Waiting>
        </Box>
    )
}

/** A day or hour of a probe: when, lowest, mean, highest. */
type ProbeDay = [at: string, low: number, mean: number, high: number]

const time = (at: string): number => Date.parse(at.length > 10 ? `${at}Z` : `${at}T12:00:00Z`)

function Picture({ chart }: { chart: WaterChart }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const rows = chart.readings as ProbeDay[]
    const tests = chart.tests as [string, number][]
    const all = [...rows.flatMap(([, low, , high]) => [low, high]), ...tests.map(([, value]) => value)]
    const room = Math.max(0.2, Math.max(...all) - Math.min(...all)) * 0.12
    const y = scaleLinear()
        .domain([NOT_FROM_ZERO.has(chart.quantity) ? Math.min(...all) - room : 0, Math.max(...all) + room])
        .nice(4)
        .range([HEIGHT - 30, 10])
    const x = scaleUtc()
        .domain([time(chart.from), time(`${chart.until}T23:59:59`)])
        .range([LEFT, width - 8])
    return (
        <Box ref={box} paddingTop="8px">
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={`${names[chart.quantity]}, ${systemsWords.water.chart}`}
                >
                    <Axes x={x} y={y} width={width} />
                    <Runs runs={unbroken(rows)} x={x} y={y} />
                    {tests.map(([at, value]) => (
                        <circle
                            key={at}
                            cx={x(time(at))}
                            cy={y(value)}
                            r={5}
                            fill={ink('fresh')}
                            stroke={ink('ink')}
                            strokeWidth={2}
                        />
                    ))}
                    <path d={`M${LEFT} ${HEIGHT - 26}H${width - 8}`} stroke={ink('ink')} strokeWidth={1.6} />
                </svg>
            )}
            <Legend chart={chart} />
        </Box>
    )
}

type TimeScale = ReturnType<typeof scaleUtc<number>>
type ValueScale = ReturnType<typeof scaleLinear<number>>

function Axes({ x, y, width }: { x: TimeScale; y: ValueScale; width: number }) {
    const { today } = useKeeper()
    return (
        <>
            {y.ticks(4).map((tick) => (
                <g key={tick}>
                    <path d={`M${LEFT} ${y(tick)}H${width - 8}`} stroke={ink('rule')} strokeWidth={1} />
                    <text x={LEFT - 7} y={y(tick) + 5} fontSize="14" textAnchor="end" fill={ink('ink')}>
                        {tick}
                    </text>
                </g>
            ))}
            {x.ticks(width < 420 ? 3 : 6).map((tick) => (
                <text
                    key={tick.getTime()}
                    x={x(tick)}
                    y={HEIGHT - 6}
                    fontSize="14"
                    textAnchor="middle"
                    fill={ink('ink')}
                >
                    {tick.getUTCHours() === 0
                        ? shortDay(tick.toISOString().slice(0, 10), today)
                        : `${tick.getUTCHours()}:00`}
                </text>
            ))}
        </>
    )
}

/** The span of each day with the mean as a line in it. */
function Runs({ runs, x, y }: { runs: ProbeDay[][]; x: TimeScale; y: ValueScale }) {
    return (
        <>
            {runs.map((run) => (
                <g key={run[0]?.[0]}>
                    <path
                        d={polygon([
                            ...run.map(([at, , , high]): Point => [x(time(at)), y(high)]),
                            ...[...run].reverse().map(([at, low]): Point => [x(time(at)), y(low)]),
                        ])}
                        fill={ink('waterline')}
                        opacity={0.22}
                    />
                    <path
                        d={polyline(run.map(([at, , mean]): Point => [x(time(at)), y(mean)]))}
                        fill="none"
                        stroke={ink('waterline')}
                        strokeWidth={2}
                    />
                </g>
            ))}
        </>
    )
}

function Legend({ chart }: { chart: WaterChart }) {
    const { probe, ring } = systemsWords.water.legend
    return (
        <Box color="ink2" fontSize="note">
            {chart.unit === '' ? names[chart.quantity] : `${names[chart.quantity]}, ${chart.unit}`}:{' '}
            {[...(chart.readings.length > 0 ? [probe] : []), ...(chart.tests.length > 0 ? [ring] : [])].join(
                '; ',
            )}
        </Box>
    )
}

/** The line breaks where nothing was measured. */
function unbroken(rows: ProbeDay[]): ProbeDay[][] {
    const runs: ProbeDay[][] = []
    let before = -Infinity
    for (const row of rows) {
        if (time(row[0]) - before > GAP_MS) {
            runs.push([])
        }
        runs.at(-1)?.push(row)
        before = time(row[0])
    }
    return runs
}

function ChartTable({ chart }: { chart: WaterChart }) {
    const { today } = useKeeper()
    const rows = [
        ...(chart.readings as ProbeDay[]).map(([at, low, mean, high]) => ({
            at,
            text: low === high ? String(mean) : systemsWords.water.ofDay({ mean, low, high }),
        })),
        ...(chart.tests as [string, number][]).map(([at, value]) => ({
            at,
            text: `${value}, ${systemsWords.water.legend.test}`,
        })),
    ].sort((a, b) => (a.at < b.at ? 1 : -1))
    return (
        <Box maxHeight="300px" overflow="auto" tabIndex={0} role="region" aria-label={names[chart.quantity]}>
            <Table.Root>
                <Table.Body>
                    {rows.map((row) => (
                        <Table.Row key={row.at + row.text}>
                            <Table.Cell>
                                {row.at.length > 10
                                    ? `${shortDay(row.at.slice(0, 10), today)} ${row.at.slice(11, 16)}`
                                    : shortDay(row.at, today)}
                            </Table.Cell>
                            <Table.Cell>
                                {row.text} {chart.unit}
                            </Table.Cell>
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
        </Box>
    )
}
