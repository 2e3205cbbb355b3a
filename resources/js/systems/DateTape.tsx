import { stayEnd } from './stayEnd'
import { systemsWords } from '../messages/systems'
import { Box, chakra } from '@chakra-ui/react'
import { scaleUtc } from 'd3-scale'
import { useEffect } from 'react'
import type { FishRow, FloorPlanSheet, SystemSheet } from '../api/types'
import { SurveyMark } from '../drawing/SurveyMark'
import { useWidth } from '../frame/useWidth'
import { bandInk, ink } from '../theme/tokens'
import { longDay, toTime } from '../units/day'
import { tickLabel } from '../units/ticks'

interface Props {
    system: SystemSheet
    plan: FloorPlanSheet
    at: number
    onMove: (at: number) => void
    today: string
}

const ROW = 20
const ROWS = 6
const MARGIN = 16
const WEEKS_OF_A_MONTH = 4

/** The date of the plan as a tape: drag it, or use the arrows; above it until when each fish fits. */
export function DateTape({ system, plan, at, onMove, today }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const last = plan.dates.length - 1
    useBracketKeys((weeks) => onMove(Math.max(0, Math.min(last, at + weeks))))
    const date = plan.dates[at] ?? today
    const x = scaleUtc()
        .domain([toTime(today), toTime(plan.dates[last] ?? today)])
        .range([MARGIN, width - MARGIN])
    const stays = plan.fish.slice(0, ROWS)
    const top = stays.length * ROW + 34
    return (
        <Box ref={box} position="relative" paddingTop="4px">
            {width > 0 && (
                <svg width={width} height={top + 44} aria-hidden="true" style={{ display: 'block' }}>
                    {stays.map((stay, i) => {
                        const row = system.fish.find((fish) => fish.id === stay.id)
                        const ends = stayEnd(stay, row).on
                        return (
                            <StayLine
                                key={stay.id}
                                name={row?.name ?? ''}
                                band={row?.band ?? 0}
                                y={36 + i * ROW}
                                end={ends === null ? width - MARGIN : Math.max(MARGIN + 2, x(toTime(ends)))}
                                isOutgrown={ends !== null}
                            />
                        )
                    })}
                    <TapeAxis x={x} top={top} width={width} />
                    <Handle at={x(toTime(date))} top={top} width={width} label={longDay(date, today)} />
                </svg>
            )}
            <chakra.input
                type="range"
                min={0}
                max={last}
                step={1}
                value={at}
                aria-label={systemsWords.dragDate}
                aria-valuetext={longDay(date, today)}
                onChange={(event) => onMove(Number(event.target.value))}
                position="absolute"
                insetInline="0"
                bottom="20px"
                width="100%"
                height="48px"
                margin="0"
                opacity={0}
                cursor="ew-resize"
                css={{
                    '&:focus-visible + div': {
                        outline: '3px solid',
                        outlineColor: 'accent',
                        outlineOffset: '1px',
                    },
                }}
            />
            <Box position="absolute" insetInline="0" bottom="20px" height="48px" pointerEvents="none" />
        </Box>
    )
}

interface StayProps {
    name: string
    band: FishRow['band']
    y: number
    end: number
    isOutgrown: boolean
}

/** Until when one fits, as a line that ends there. */
function StayLine({ name, band, y, end, isOutgrown }: StayProps) {
    return (
        <g>
            <path d={`M${MARGIN} ${y}H${end}`} stroke={bandInk(band)} strokeWidth={3.4} />
            {isOutgrown && <path d={`M${end} ${y - 6}v12`} stroke={ink('over')} strokeWidth={2.4} />}
            <SurveyMark band={band} x={MARGIN} y={y} r={5} />
            <text
                x={MARGIN + 12}
                y={y + 5}
                fontSize="14"
                fontWeight={700}
                fill={ink('ink')}
                paintOrder="stroke"
                stroke={ink('paper')}
                strokeWidth={5}
            >
                {name}
            </text>
        </g>
    )
}

interface AxisProps {
    x: ReturnType<typeof scaleUtc<number>>
    top: number
    width: number
}

function TapeAxis({ x, top, width }: AxisProps) {
    return (
        <>
            <path d={`M${MARGIN} ${top}H${width - MARGIN}`} stroke={ink('ink')} strokeWidth={1.6} />
            {x.ticks(width < 500 ? 4 : 10).map((tick) => (
                <g key={tick.getTime()}>
                    <path d={`M${x(tick)} ${top}v8`} stroke={ink('ink')} strokeWidth={1.2} />
                    <text
                        x={x(tick)}
                        y={top + 26}
                        fontSize="14"
                        textAnchor="middle"
                        fontWeight={tick.getUTCMonth() === 0 ? 700 : 500}
                        fill={ink('ink')}
                    >
                        {tickLabel(tick)}
                    </text>
                </g>
            ))}
        </>
    )
}

interface HandleProps {
    at: number
    top: number
    width: number
    label: string
}

/** What is dragged, with its date above everything. */
function Handle({ at, top, width, label }: HandleProps) {
    return (
        <>
            <g transform={`translate(${at} ${top})`}>
                <path d="M0 -16V0" stroke={ink('accent')} strokeWidth={2.4} />
                <path d="M-15 -12h30v20l-15 12l-15 -12z" fill={ink('accent')} />
                <path d="M-5 -6v10M0 -6v10M5 -6v10" stroke={ink('onaccent')} strokeWidth={1.8} />
            </g>
            <text
                x={Math.max(70, Math.min(width - 70, at))}
                y={18}
                fontSize="16"
                fontWeight={800}
                textAnchor="middle"
                fill={ink('accent')}
            >
                {label}
            </text>
        </>
    )
}

/** [ and ] move by a week, { and } by a month, while no field has the focus. */
function useBracketKeys(move: (weeks: number) => void): void {
    useEffect(() => {
        const steps: Record<string, number> = {
            '[': -1,
            ']': 1,
            '{': -WEEKS_OF_A_MONTH,
            '}': WEEKS_OF_A_MONTH,
        }
        const listen = (event: KeyboardEvent): void => {
            const isWriting =
                event.target instanceof HTMLElement &&
                /^(INPUT|SELECT|TEXTAREA)$/.test(event.target.tagName) &&
                (event.target as HTMLInputElement).type !== 'range'
            const step = steps[event.key]
            if (step !== undefined && !isWriting && document.querySelector('[role=dialog]') === null) {
                move(step)
            }
        }
        window.addEventListener('keydown', listen)
        return () => window.removeEventListener('keydown', listen)
    }, [move])
}
