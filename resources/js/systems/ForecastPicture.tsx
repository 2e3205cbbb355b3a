import { systemsWords } from '../messages/systems'
import { Box } from '@chakra-ui/react'
import { scaleLinear } from 'd3-scale'
import { useId } from 'react'
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
    const lines: Quantity[] = [
        { name: 'ammonia', values: forecast.ammonia, dash: '', alarm: forecast.ammonia_alarm },
        { name: 'nitrite', values: forecast.nitrite, dash: '9 4', alarm: forecast.nitrite_alarm },
    ]
    const top = y.domain()[1] ?? LEAST_TOP
    return (
        <Box ref={box} paddingTop="8px">
            {width > 0 && (
                <svg width={width} height={HEIGHT} role="img" aria-label={title}>
                    <Axes x={x} y={y} width={width} dayOf={(day) => shortDay(addDays(from, day), today)} />
                    {lines
                        .filter(({ alarm }) => alarm <= top)
                        .map((quantity) => (
                            <Alarm key={quantity.name} {...quantity} y={y(quantity.alarm)} width={width} />
                        ))}
                    {lines.map(({ name, values, dash, alarm }, i) => {
                        const peak = Math.min(days, values.indexOf(Math.max(...values)))
                        const highest = values[peak] ?? 0
                        return (
                            <Line
                                key={name}
                                d={line(values)}
                                dash={dash}
                                alarmY={y(alarm)}
                                isOver={highest >= alarm}
                                label={`${systemsWords.change[name]} ${highest.toFixed(highest < 1 ? 2 : 1)}`}
                                x={Math.max(LEFT + 4, Math.min(width - LABEL, x(peak)))}
                                y={Math.max(22, y(highest) - 7 - (highest * 20 < top ? 18 * i : 0))}
                            />
                        )
                    })}
                    <path d={`M${LEFT} ${HEIGHT - 26}H${width - 10}`} stroke={ink('ink')} strokeWidth={1.6} />
                </svg>
            )}
            <Box color="ink2" fontSize="note">
                {systemsWords.inMgL({ title })}
            </Box>
        </Box>
    )
}

interface Quantity {
    name: 'ammonia' | 'nitrite'
    values: number[]
    dash: string
    /** From here on it is red. */
    alarm: number
}

type Scale = ReturnType<typeof scaleLinear<number, number>>

interface AxesProps {
    x: Scale
    y: Scale
    width: number
    dayOf: (day: number) => string
}

function Axes({ x, y, width, dayOf }: AxesProps) {
    return (
        <>
            {y.ticks(4).map((tick) => (
                <g key={tick}>
                    <path d={`M${LEFT} ${y(tick)}H${width - 10}`} stroke={ink('rule')} />
                    <text x={LEFT - 7} y={y(tick) + 5} fontSize="14" textAnchor="end" fill={ink('ink')}>
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
                        fontSize="14"
                        textAnchor={x(day) > width - 34 ? 'end' : 'middle'}
                        fill={ink('ink')}
                    >
                        {dayOf(day)}
                    </text>
                ))}
        </>
    )
}

/** From here on it harms. */
function Alarm({ name, dash, y, width }: Quantity & { y: number; width: number }) {
    return (
        <g>
            <path
                d={`M${LEFT} ${y}H${width - 10}`}
                stroke={ink('over')}
                strokeDasharray={dash === '' ? '2 4' : '2 8'}
            />
            <text x={width - 12} y={y - 4} fontSize="14" textAnchor="end" fill={ink('over')}>
                {systemsWords.change.alarmOf({ name: systemsWords.change[name] })}
            </text>
        </g>
    )
}

interface LineProps {
    d: string
    dash: string
    /** Where on the picture the alarm lies. */
    alarmY: number
    isOver: boolean
    /** At its highest. */
    label: string
    x: number
    y: number
}

/** Red where it is above its alarm. */
function Line({ d, dash, alarmY, isOver, label, x, y }: LineProps) {
    const colours = useId()
    return (
        <g>
            <linearGradient id={colours} gradientUnits="userSpaceOnUse" x1="0" y1="0" x2="0" y2={HEIGHT}>
                <stop offset={alarmY / HEIGHT} stopColor={ink('over')} />
                <stop offset={alarmY / HEIGHT} stopColor={ink('ink')} />
            </linearGradient>
            <path
                d={d}
                fill="none"
                stroke={isOver ? `url(#${colours})` : ink('ink')}
                strokeWidth={2.6}
                strokeDasharray={dash}
            />
            <text
                x={x}
                y={y}
                fontSize="14"
                fontWeight={700}
                fill={ink(isOver ? 'over' : 'ink')}
                paintOrder="stroke"
                stroke={ink('paper')}
                strokeWidth={5}
            >
                {label}
            </text>
        </g>
    )
}
