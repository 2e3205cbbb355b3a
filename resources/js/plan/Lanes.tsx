import { Box, Button, chakra } from '@chakra-ui/react'
import { scaleUtc } from 'd3-scale'
import { useMemo, useRef, useState } from 'react'
import type { PlanPage } from '../api/types'
import { useWidth } from '../frame/useWidth'
import { planWords } from '../messages/plan'
import { SaveDrawing } from '../drawing/SaveDrawing'
import { ink } from '../theme/tokens'
import { addDays, comingDay, longDay, toTime } from '../units/day'
import { metres, projected, unitOf } from '../units/length'
import { tickLabel } from '../units/ticks'
import type { Units } from '../api/types'
import { Crossings } from './Crossings'
import { Lane, LaneNames } from './Lane'
import type { Lane as LaneShape } from './layout'
import { Ghost } from './Ghost'
import { LEFT, RIGHT, bandsIn, laneAt, layOut, nameOf } from './layout'
import type { Held } from './useDragging'
import { useDragging } from './useDragging'

const words = planWords.lanes

const LABELS = { wide: 148, narrow: 108 }
const NARROW = 600
/** Pixels a day. */
const ZOOMS = { all: 0, months: 1.8, weeks: 7 } as const
const TICK = 92
const METRE = 1000

type Zoom = keyof typeof ZOOMS

interface Props {
    page: PlanPage
    units: Units
    /** Days from today. */
    day: number
    onRead: (day: number, key: string | null) => void
    /** A band is carried over the lanes; null: no more. */
    onHold: (held: Held | null) => void
    onDrop: (held: Held) => void
    /** What can be done with the plan, before how it is shown. */
    children?: React.ReactNode
}

/** Every home a lane along time, as high as it is wide; every fish a band in it. */
export function Lanes({ page, units, day, onRead, onHold, onDrop, children }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const [zoom, setZoom] = useState<Zoom>('all')
    const [names, drawing] = [useRef<SVGSVGElement>(null), useRef<SVGSVGElement>(null)]
    const layout = useMemo(() => layOut(page), [page])
    const labels = width < NARROW ? LABELS.narrow : LABELS.wide
    const room = Math.max(200, width - labels)
    const perDay = ZOOMS[zoom] === 0 ? (room - LEFT - RIGHT) / layout.days : ZOOMS[zoom]
    return (
        <Box ref={box} minHeight={`${layout.height}px`}>
            <Box
                display="flex"
                gap="6px 20px"
                alignItems="center"
                flexWrap="wrap"
                paddingTop="8px"
                className="no-print"
            >
                {children}
                <Box display="flex" gap="6px" role="group" aria-label={words.zoom}>
                    {(Object.keys(ZOOMS) as Zoom[]).map((one) => (
                        <Button
                            key={one}
                            aria-pressed={one === zoom}
                            variant="outline"
                            css={{
                                '&[aria-pressed=true]': { background: 'fresh', textDecoration: 'underline' },
                            }}
                            onClick={() => setZoom(one)}
                        >
                            {words[one]}
                        </Button>
                    ))}
                </Box>
                <SaveDrawing of={drawing} beside={names} name={words.fileName} />
                <Button variant="plain" onClick={() => window.print()}>
                    {words.print}
                </Button>
            </Box>
            {width > 0 && (
                <Box display="flex" position="relative">
                    <Labels
                        ref={names}
                        layout={layout.lanes}
                        height={layout.height}
                        width={labels}
                        units={units}
                        today={page.date}
                    />
                    <Box
                        overflowX="auto"
                        flex="1"
                        minWidth="0"
                        tabIndex={0}
                        aria-label={words.title}
                        // On an opaque ground of its own it is drawn once and moved as a picture; else each step draws all of it anew.
                        background="paper"
                        css={{ overscrollBehaviorX: 'contain', willChange: 'scroll-position' }}
                    >
                        <Drawing
                            ref={drawing}
                            page={page}
                            layout={layout}
                            perDay={perDay}
                            day={day}
                            onRead={onRead}
                            onHold={onHold}
                            onDrop={onDrop}
                        />
                    </Box>
                </Box>
            )}
            <chakra.p color="ink2" fontSize="note">
                {commentOn(page)}
            </chakra.p>
        </Box>
    )
}

/** What a band says, and what grey water does. */
const commentOn = ({ lanes }: PlanPage): string =>
    [planWords.comment, ...(lanes.some(({ cold }) => cold.length > 0) ? [planWords.cold] : [])].join(' ')

function Labels({
    ref,
    layout,
    height,
    width,
    units,
    today,
}: {
    ref: React.Ref<SVGSVGElement>
    layout: readonly LaneShape[]
    height: number
    width: number
    units: Units
    today: string
}) {
    return (
        <svg ref={ref} width={width} height={height} aria-hidden="true" style={{ flex: 'none' }}>
            {layout.map(({ row, top, floor, isCut, opensScale }) => (
                <g key={row.key}>
                    {opensScale && (
                        <path
                            d={`M0 ${top - 27}H${width - 14}M0 ${top - 23}H${width - 14}`}
                            stroke={ink('ink')}
                            strokeWidth={1.2}
                        />
                    )}
                    <text x={4} y={(top + floor) / 2 - 1} fontSize="15" fontWeight={700} fill={ink('ink')}>
                        {short(row.system_id === null ? words.newKinds[row.kind] : row.name, width)}
                    </text>
                    <text x={4} y={(top + floor) / 2 + 15} fontSize="14" fill={ink('ink2')}>
                        {row.ready_from === null
                            ? words[isCut ? 'cut' : row.kind === 'vat' ? 'across' : 'wide']({
                                  width: wide(row.width_mm, units),
                              })
                            : words.ready({ day: comingDay(row.ready_from, today) })}
                    </text>
                    <path
                        d={`M${width - 4} ${top}V${floor}M${width - 8} ${top}h8M${width - 8} ${floor}h8`}
                        stroke={ink('ink')}
                        strokeWidth={1.2}
                    />
                </g>
            ))}
        </svg>
    )
}

/** Of a pond in metres, of a tank as its fish are measured. */
const wide = (mm: number, units: Units): string =>
    mm < METRE ? projected(mm, unitOf(units)) : metres(mm, units)

const short = (name: string, width: number): string => {
    const most = Math.floor((width - 14) / 8.4)
    return name.length > most ? `${name.slice(0, most - 1)}…` : name
}

interface DrawingProps {
    ref: React.RefObject<SVGSVGElement | null>
    page: PlanPage
    layout: ReturnType<typeof layOut>
    perDay: number
    day: number
    onRead: (day: number, key: string | null) => void
    onHold: (held: Held | null) => void
    onDrop: (held: Held) => void
}

function Drawing({ ref, page, layout, perDay, day, onRead, onHold, onDrop }: DrawingProps) {
    const x = (at: number): number => LEFT + at * perDay
    const end = x(layout.days)
    const width = end + RIGHT
    const read = (event: React.PointerEvent<SVGSVGElement>): void => {
        const corner = event.currentTarget.getBoundingClientRect()
        const at = Math.round(
            Math.min(layout.days, Math.max(0, (event.clientX - corner.left - LEFT) / perDay)),
        )
        const y = event.clientY - corner.top
        onRead(at, laneAt(layout, y)?.row.key ?? null)
    }
    const hand = useDragging({ page, layout, perDay, onHold, onDrop })
    const drawn = useMemo(() => {
        const perLane = layout.lanes.map((lane) => ({
            lane,
            bands: bandsIn(page, lane.row.key),
            breaches: page.breaches.filter(({ system_key }) => system_key === lane.row.key),
            holds: page.holds.filter(({ key }) => key === lane.row.key),
            x: (at: number): number => LEFT + at * perDay,
            end: LEFT + layout.days * perDay,
            today: page.date,
        }))
        return (
            <>
                <Axis
                    today={page.date}
                    days={layout.days}
                    x={(at) => LEFT + at * perDay}
                    height={layout.height}
                />
                {perLane.map((props) => (
                    <Lane key={props.lane.row.key} {...props} />
                ))}
                <Crossings
                    moves={page.moves}
                    bands={page.bands}
                    lanes={layout.lanes}
                    x={(at) => LEFT + at * perDay}
                    today={page.date}
                />
                {perLane.map((props) => (
                    <LaneNames key={props.lane.row.key} {...props} />
                ))}
            </>
        )
    }, [page, layout, perDay])
    return (
        <svg
            ref={ref}
            width={width}
            height={layout.height}
            role="img"
            aria-label={described(page)}
            onPointerDown={(event) => (read(event), hand.take(event))}
            onPointerMove={(event) =>
                hand.carry(event) || ((event.pointerType === 'mouse' || event.buttons > 0) && read(event))
            }
            onPointerUp={() => hand.end(true)}
            onPointerCancel={() => hand.end(false)}
            style={{
                display: 'block',
                userSelect: 'none',
                cursor: hand.held === null ? undefined : 'grabbing',
            }}
        >
            {drawn}
            <g pointerEvents="none">
                <path d={`M${x(0)} 26V${layout.height}`} stroke={ink('ink')} strokeWidth={2} />
                <path d={`M${x(0) - 7} 20h14l-7 9z`} fill={ink('ink')} />
                <path d={`M${x(day)} 26V${layout.height}`} stroke={ink('accent')} strokeWidth={2.4} />
            </g>
            {hand.held !== null && <Ghost held={hand.held} page={page} layout={layout} x={x} />}
        </svg>
    )
}

function Axis({
    today,
    days,
    x,
    height,
}: {
    today: string
    days: number
    x: (day: number) => number
    height: number
}) {
    const scale = scaleUtc()
        .domain([toTime(today), toTime(addDays(today, days))])
        .range([x(0), x(days)])
    return (
        <g>
            <path d={`M${x(0)} 30H${x(days)}`} stroke={ink('ink')} strokeWidth={1.6} />
            {scale.ticks(Math.max(3, Math.floor((x(days) - x(0)) / TICK))).map((tick) => (
                <g key={tick.getTime()}>
                    <path d={`M${scale(tick)} 30V${height}`} stroke={ink('rule')} strokeWidth={0.8} />
                    <path d={`M${scale(tick)} 22v8`} stroke={ink('ink')} strokeWidth={1.2} />
                    <text
                        x={scale(tick) + 4}
                        y={18}
                        fontSize="14"
                        fontWeight={tick.getUTCMonth() === 0 ? 700 : 500}
                        fill={ink('ink')}
                    >
                        {tickLabel(tick)}
                    </text>
                </g>
            ))}
        </g>
    )
}

/** Each home and who is in it until when. */
const described = (page: PlanPage): string =>
    page.lanes
        .map(({ key, name }) => {
            const stays = bandsIn(page, key).map((band) =>
                band.until === null
                    ? words.throughout({ name: nameOf(band) })
                    : words.until({ name: nameOf(band), day: longDay(band.until, page.date) }),
            )
            return words.described({ home: name, who: stays.length === 0 ? words.nobody : stays.join(', ') })
        })
        .join(' ')
