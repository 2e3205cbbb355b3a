import { messages } from '../messages'
import { Box } from '@chakra-ui/react'
import { scaleLinear } from 'd3-scale'
import type { WaterForecast } from '../api/types'
import type { Point } from '../drawing/geometry'
import { polyline } from '../drawing/geometry'
import { useWidth } from '../frame/useWidth'
import { ink } from '../theme/tokens'
import { addDays, shortDay } from '../units/day'

interface Props {
    forecast: WaterForecast
    /** The day it begins. */
    from: string
    today: string
    title: string
}

const HEIGHT = 190
/** Room between two dates. */
const TICK = 140
/** Room for the name of a line and its figure. */
const LABEL = 112
const LEFT = 40
const LEAST_TOP = 1
const DAYS_AFTER = 6
const LEAST_DAYS = 14

/** Ammonia and nitrite day by day, as a test kit would show them. */
export function ForecastPicture({ forecast, from, today, title }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const days = Math.min(
        forecast.ammonia.length - 1,
        Math.max(LEAST_DAYS, (forecast.clear_from ?? 60) + DAYS_AFTER),
    )
    const x = scaleLinear()
        .domain([0, days])
        .range([LEFT, width - 10])
    const y = scaleLinear()
        .domain([0, Math.max(LEAST_TOP, forecast.ammonia_peak, forecast.nitrite_peak) * 1.12])
        .range([HEIGHT - 30, 10])
    const line = (values: number[]): string =>
        polyline(values.slice(0, days + 1).map((value, day): Point => [x(day), y(value)]))
    const labels: Quantity[] = [
        { name: 'ammonia', values: forecast.ammonia, dash: '', colour: 'ink' },
        { name: 'nitrite', values: forecast.nitrite, dash: '9 4', colour: 'over' },
    ]
    return (
        <Box ref={box} paddingTop="8px">
            {width > 0 && (
                <svg width={width} height={HEIGHT} role="img" aria-label={title}>
                    {y.ticks(4).map((tick) => (
                        <g key={tick}>
                            <path d={`M${LEFT} ${y(tick)}H${width - 10}`} stroke={ink('rule')} />
                            <text
                                x={LEFT - 7}
                                y={y(tick) + 5}
                                fontSize="14.5"
                                textAnchor="end"
                                fill={ink('ink')}
                            >
                                {tick}
                            </text>
                        </g>
                    ))}
                    {x
                        .ticks(width / TICK)
                        .filter(Number.isInteger)
                        .map((day) => (
                            <text
                                key={day}
                                x={x(day)}
                                y={HEIGHT - 6}
                                fontSize="14.5"
                                textAnchor={x(day) > width - 34 ? 'end' : 'middle'}
                                fill={ink('ink')}
                            >
                                {shortDay(addDays(from, day), today)}
                            </text>
                        ))}
                    {labels.map(({ name, values, dash, colour }) => {
                        const peak = Math.min(days, values.indexOf(Math.max(...values)))
                        const top = values[peak] ?? 0
                        return (
                            <Line
                                key={name}
                                d={line(values)}
                                dash={dash}
                                colour={colour}
                                label={`${name} ${top.toFixed(1)}`}
                                x={Math.max(LEFT + 4, Math.min(width - LABEL, x(peak)))}
                                y={Math.max(22, y(top) - 7)}
                            />
                        )
                    })}
                    <path d={`M${LEFT} ${HEIGHT - 26}H${width - 10}`} stroke={ink('ink')} strokeWidth={1.6} />
                </svg>
            )}
            <Box color="ink2" fontSize="15px">
                {messages.systems.inMgL({ title })}
            </Box>
        </Box>
    )
}

interface Quantity {
    name: string
    values: number[]
    dash: string
    colour: 'ink' | 'over'
}

interface LineProps extends Omit<Quantity, 'name' | 'values'> {
    d: string
    /** At its highest. */
    label: string
    x: number
    y: number
}

function Line({ d, dash, colour, label, x, y }: LineProps) {
    return (
        <g>
            <path d={d} fill="none" stroke={ink(colour)} strokeWidth={2.6} strokeDasharray={dash} />
            <text
                x={x}
                y={y}
                fontSize="14.5"
                fontWeight={700}
                fill={ink(colour)}
                paintOrder="stroke"
                stroke={ink('paper')}
                strokeWidth={5}
            >
                {label}
            </text>
        </g>
    )
}
