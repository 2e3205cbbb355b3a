import type { Breach, LaneBand, LaneHold } from '../api/types'
import { polyline, tornEdge } from '../drawing/geometry'
import { SurveyMark } from '../drawing/SurveyMark'
import { bandInk, ink } from '../theme/tokens'
import { planWords } from '../messages/plan'
import { daysBetween, shortDay } from '../units/day'
import type { Lane as LaneShape } from './layout'
import { FILL, heightOf, nameOf, placeNames } from './layout'
import { gripOf } from './useDragging'

export type X = (day: number) => number

/** Letters that lie upon lines keep a rim of the ground. */
export const LETTERING = { fontWeight: 700, paintOrder: 'stroke', strokeWidth: 4 } as const

const LETTER = 8

interface Props {
    lane: LaneShape
    bands: readonly LaneBand[]
    breaches: readonly Breach[]
    holds: readonly LaneHold[]
    x: X
    end: number
    today: string
}

/** One home along time: water, its bands from the thickest to the thinnest, what swells past, and how full it is. */
export function Lane({ lane, bands, breaches, x, end, today }: Props) {
    const { top, floor, row } = lane
    const from = row.ready_from === null ? x(0) : x(daysBetween(today, row.ready_from))
    const thickest = [...bands].sort((a, b) => most(b) - most(a))
    return (
        <g>
            <rect x={from} y={top} width={Math.max(0, end - from)} height={floor - top} fill={ink('water')} />
            {row.ready_from !== null && (
                <rect
                    x={x(0)}
                    y={top}
                    width={Math.max(0, from - x(0))}
                    height={floor - top}
                    fill="url(#hatch-ground)"
                    opacity={0.5}
                />
            )}
            {row.cold.map(([begins, ends]) => (
                <rect
                    key={begins}
                    x={x(begins ?? 0)}
                    y={top}
                    width={x(ends ?? 0) - x(begins ?? 0)}
                    height={floor - top}
                    fill={ink('edge')}
                    opacity={0.28}
                >
                    <title>{planWords.lanes.cold}</title>
                </rect>
            ))}
            {thickest.map((band) => (
                <Band key={`${band.name} ${band.from}`} band={band} lane={lane} x={x} />
            ))}
            {lane.isCut ? (
                <path
                    d={polyline(tornEdge(x(0), end, top, 9))}
                    fill="none"
                    stroke={ink('ink')}
                    strokeWidth={1.4}
                />
            ) : (
                <path d={`M${x(0)} ${top}H${end}`} stroke={ink('ink')} strokeWidth={2.2} />
            )}
            <path d={`M${x(0)} ${floor}H${end}`} stroke={ink('ink')} strokeWidth={1.2} />
            <Fill lane={lane} x={x} />
            <Swollen breaches={breaches} lane={lane} x={x} today={today} end={end} />
        </g>
    )
}

const most = (band: LaneBand): number => Math.max(0, ...band.points.map((point) => point[2] ?? 0))

/** From the floor up to what the fish needs; early to late as a fading edge. */
function Band({ band, lane, x }: { band: LaneBand; lane: LaneShape; x: X }) {
    const at = (which: 1 | 2 | 3): string[] =>
        band.points.map((point) => `${x(point[0] ?? 0)} ${heightOf(point[which] ?? 0, lane)}`)
    const days = band.points.map((point) => x(point[0] ?? 0))
    const [first, last] = [days[0] ?? 0, days.at(-1) ?? 0]
    const colour = bandInk(band.band)
    return (
        <g data-grip={gripOf(band)} style={{ cursor: gripOf(band) === undefined ? undefined : 'grab' }}>
            <path
                d={`M${first} ${lane.floor}L${at(2).join('L')}L${last} ${lane.floor}Z`}
                fill={colour}
                opacity={0.13}
            />
            <path d={`M${at(3).join('L')}L${at(1).reverse().join('L')}Z`} fill={colour} opacity={0.22} />
            <path
                d={`M${at(2).join('L')}`}
                fill="none"
                stroke={colour}
                strokeWidth={2.6}
                strokeLinejoin="round"
            />
        </g>
    )
}

/** Floor, water and filter, whichever is fullest; hatched where it is too full. */
function Fill({ lane: { row, floor }, x }: { lane: LaneShape; x: X }) {
    const fullest = row.fills.map(
        ([day, bottom, water, filter]) =>
            [x(day ?? 0), Math.max(bottom ?? 0, water ?? 0, filter ?? 0)] as const,
    )
    const first = fullest[0]?.[0] ?? 0
    const last = fullest.at(-1)?.[0] ?? 0
    const y = (share: number): number => floor + 2 + FILL * (1 - Math.min(1, share))
    return (
        <g>
            <path
                d={`M${first} ${floor + 2 + FILL}L${fullest.map(([at, share]) => `${at} ${y(share)}`).join('L')}L${last} ${floor + 2 + FILL}Z`}
                fill={ink('done')}
                opacity={0.55}
            />
            <path d={`M${first} ${floor + 2 + FILL}H${last}`} stroke={ink('edge')} strokeWidth={0.8} />
            {fullest.map(([at, share], i) => {
                const next = fullest[i + 1]
                return share > 1 && next !== undefined ? (
                    <rect
                        key={at}
                        x={at}
                        y={floor + 1}
                        width={next[0] - at}
                        height={FILL + 2}
                        fill="url(#hatch-close)"
                    />
                ) : null
            })}
        </g>
    )
}

type SpanProps = Pick<Props, 'breaches' | 'lane' | 'x' | 'today' | 'end'>

const spansOf = ({ breaches, x, today, end }: SpanProps) =>
    breaches.map((breach) => ({
        breach,
        from: x(daysBetween(today, breach.from)),
        to: Math.min(end, x(daysBetween(today, breach.until))),
    }))

/** What is out of rule there swells past the edge of the lane, hatched. */
function Swollen(props: SpanProps) {
    return spansOf(props).map(({ breach, from, to }) => (
        <rect
            key={`${breach.name} ${breach.from}`}
            x={from}
            y={props.lane.top - 8}
            width={Math.max(2, to - from)}
            height={7}
            fill="url(#hatch-over)"
        >
            <title>{`${breach.name}: ${breach.says}`}</title>
        </rect>
    ))
}

/** The names in a lane and above it, over everything that crosses. */
export function LaneNames(props: Props) {
    const { lane, bands, x } = props
    return (
        <g>
            {placeNames(bands, lane, x, (band) => calledIn(band, props)).map(({ band, text, x: at, y }) => (
                <g
                    key={`${band.name} ${band.from}`}
                    data-grip={gripOf(band)}
                    style={{ cursor: gripOf(band) === undefined ? undefined : 'grab' }}
                >
                    <SurveyMark band={band.band} x={at + 6} y={y} r={5} />
                    <text
                        {...LETTERING}
                        x={at + 16}
                        y={y + 5}
                        fontSize="14"
                        fill={ink('ink')}
                        stroke={ink('water')}
                    >
                        {text}
                    </text>
                </g>
            ))}
            <Holds {...props} />
            {clearOf(spansOf(props), props).map(({ breach, at }) => (
                <text
                    {...LETTERING}
                    key={`${breach.name} ${breach.from}`}
                    x={at}
                    y={lane.names}
                    fontSize="14"
                    fill={ink('over')}
                    stroke={ink('paper')}
                >
                    {breach.name}
                </text>
            ))}
        </g>
    )
}

/** Quarantine and time-outs: a bar with a foot at its end, on the floor of the lane; the words stand with the name. */
function Holds({ holds, lane, x, today }: Props) {
    return holds.map((hold) => {
        const to = x(Math.max(1, daysBetween(today, hold.until)))
        const y = lane.floor - 4
        return (
            <path
                key={`${hold.fish_id} ${hold.until}`}
                d={`M${x(0)} ${y}H${to}M${to} ${y - 6}v12`}
                stroke={ink('accent')}
                strokeWidth={3}
                strokeDasharray={hold.is_quarantine ? undefined : '8 4'}
            />
        )
    })
}

/** Its name, and until when it is there on purpose. */
function calledIn(band: LaneBand, { holds, today }: Props): string {
    const hold = holds.find(({ fish_id }) => fish_id === band.fish_id)
    if (hold === undefined || band.from >= hold.until) {
        return nameOf(band)
    }
    return planWords.lanes[hold.is_quarantine ? 'quarantine' : 'away']({
        name: nameOf(band),
        day: shortDay(hold.until, today),
    })
}

/** Those names that do not lie upon one before. */
function clearOf(spans: ReturnType<typeof spansOf>, { x, end }: SpanProps): { breach: Breach; at: number }[] {
    const clear: { breach: Breach; at: number; free: number }[] = []
    for (const { breach, from } of spans) {
        const at = Math.max(from, x(0) + 4)
        const free = at + LETTER * breach.name.length + 12
        if (at >= (clear.at(-1)?.free ?? 0) && free <= end) {
            clear.push({ breach, at, free })
        }
    }
    return clear
}
