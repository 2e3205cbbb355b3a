import type { LaneBand, PlanMove } from '../api/types'
import { SurveyMark } from '../drawing/SurveyMark'
import { bandInk, ink } from '../theme/tokens'
import { daysBetween, shortDay } from '../units/day'
import type { X } from './Lane'
import { LETTERING } from './Lane'
import type { Lane } from './layout'
import { heightOf, roomFor, shareOn } from './layout'

interface Props {
    moves: readonly PlanMove[]
    bands: readonly LaneBand[]
    lanes: readonly Lane[]
    x: X
    today: string
}

/**
 * Moves as bands that cross from lane to lane: filled where one leaves, hollow where it arrives; before them what must be
 * done first. Words stand over all lines.
 */
export function Crossings({ moves, bands, lanes, x, today }: Props) {
    const drawn = moves.flatMap((move) => {
        const day = daysBetween(today, move.on)
        const ends = endsOf(move, day, bands, lanes)
        if (ends === null) {
            return []
        }
        const y1 = heightOf(shareOn(ends.left, day, 2), ends.from)
        const y2 = heightOf(shareOn(ends.arrived, day, 2), ends.to)
        return [{ move, at: x(day), y1, y2, band: ends.band, to: ends.to }]
    })
    return (
        <g>
            {drawn.map(({ move, at, y1, y2, band }) => (
                <g key={`${move.name} ${move.on}`}>
                    <path d={`M${at} ${y1}V${y2}`} stroke={ink('paper')} strokeWidth={8} />
                    <path d={`M${at} ${y1}V${y2}`} stroke={bandInk(band)} strokeWidth={3.4} />
                    <SurveyMark band={band} x={at} y={y1} r={6} />
                    <SurveyMark band={band} x={at} y={y2} r={6} hollow />
                </g>
            ))}
            {drawn.map(({ move, to }) => (
                <Preparing key={`${move.name} ${move.on}`} move={move} lane={to} x={x} today={today} />
            ))}
            {lanes.map((lane) => {
                const arriving = drawn.filter(({ to }) => to === lane)
                const hasRoom = roomFor(arriving.map(({ at }) => at))
                return arriving.map(({ move, at }, i) =>
                    hasRoom[i] === true ? (
                        <Day key={`${move.name} ${move.on}`} on={move.on} x={at + 7} y={lane.days} />
                    ) : null,
                )
            })}
        </g>
    )
}

const Day = ({ on, x, y }: { on: string; x: number; y: number }) => (
    <text {...LETTERING} x={x} y={y} fontSize="14" fill={ink('ink')} stroke={ink('paper')}>
        {shortDay(on, on)}
    </text>
)

function endsOf(move: PlanMove, day: number, bands: readonly LaneBand[], lanes: readonly Lane[]) {
    const own = bands.filter((band) => band.name === move.name)
    const left = own.find((band) => band.key === move.from_key && (band.points.at(-1)?.[0] ?? -1) === day)
    const arrived = own.find((band) => band.key === move.to_key && (band.points[0]?.[0] ?? -1) === day)
    const [from, to] = [move.from_key, move.to_key].map((key) => lanes.find(({ row }) => row.key === key))
    return left === undefined || arrived === undefined || from === undefined || to === undefined
        ? null
        : { left, arrived, from, to, band: left.band }
}

/** A thin row before the move: a stroke for each step, the first in words. */
function Preparing({ move, lane, x, today }: { move: PlanMove; lane: Lane; x: X; today: string }) {
    const first = move.prepare[0]
    if (first === undefined) {
        return null
    }
    const y = lane.top - 7
    const days = move.prepare.map(({ by }) => x(Math.max(0, daysBetween(today, by))))
    const begin = Math.min(...days)
    const end = x(daysBetween(today, move.on))
    return (
        <g>
            <path d={`M${begin} ${y}H${end}`} stroke={ink('ink')} strokeWidth={1} />
            {days.map((at, i) => (
                <path
                    key={i}
                    d={`M${at - 3} ${y + 4}L${at + 3} ${y - 4}`}
                    stroke={ink('ink')}
                    strokeWidth={1.3}
                />
            ))}
            {end - begin > 8 * first.what.length + 20 && (
                <text
                    x={begin + 8}
                    y={y - 5}
                    fontSize="14"
                    fill={ink('ink')}
                    paintOrder="stroke"
                    stroke={ink('paper')}
                    strokeWidth={4}
                >
                    {first.what}
                </text>
            )}
        </g>
    )
}
