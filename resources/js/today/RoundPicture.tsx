import { messages } from '../messages'
import { useNavigate } from '@tanstack/react-router'
import type { SystemSheet } from '../api/types'
import { ScaleBar } from '../drawing/ScaleBar'
import { useKeeper } from '../frame/keeper'
import { SystemFromAbove } from '../systems/SystemFromAbove'
import { ink } from '../theme/tokens'
import { layRound, shortName, WATER_BELOW_LABEL } from './layRound'

interface Props {
    systems: readonly SystemSheet[]
    /** Fish to ring. */
    due: ReadonlySet<number>
    /** Systems where something is due. */
    placesDue: ReadonlySet<number>
    width: number
}

/** The first row of indoor tanks decides the scale; large ponds are cut. */
const SCALE = 0.066
const MAX_HEIGHT = 199
const FEET = 304.8
/** Below this the legend goes under the scale bar. */
const NARROW = 500

/** The round as a plan: every system to one scale, joined by the dotted walk. */
export function RoundPicture({ systems, due, placesDue, width }: Props) {
    const navigate = useNavigate()
    const { units } = useKeeper()
    const inner = width - 26
    const round = layRound(systems, inner, SCALE, MAX_HEIGHT)
    const walk = round.rows
        .map(
            ({ y, leftward }, i) =>
                `${i === 0 ? 'M' : 'L'}${leftward ? inner + 12 : -12} ${y}L${leftward ? -12 : inner + 12} ${y}`,
        )
        .join('')
    const part = units.length === 'metric' ? 1000 * SCALE : 3 * FEET * SCALE
    const labels = units.length === 'metric' ? ['0', '1', '2', '3 m'] : ['0', '3', '6', '9 ft']
    return (
        <svg
            width={width}
            height={round.height + (width < NARROW ? 84 : 50)}
            role="img"
            aria-label={messages.today.scale}
            style={{ display: 'block' }}
        >
            <g transform="translate(13 4)">
                <path
                    d={walk}
                    fill="none"
                    stroke={ink('ink')}
                    strokeWidth={1.6}
                    strokeDasharray="2 5"
                    strokeLinecap="round"
                />
                {round.stations.map(({ system, x, y }) => (
                    <g
                        key={system.id}
                        onClick={() => void navigate({ to: '/systems', hash: `system-${system.id}` })}
                        style={{ cursor: 'pointer' }}
                    >
                        <SystemFromAbove
                            system={system}
                            x={x}
                            y={y + WATER_BELOW_LABEL}
                            scale={SCALE}
                            maxWidth={inner}
                            maxHeight={MAX_HEIGHT}
                            ringed={due}
                        />
                        <StationLabel system={system} x={x} y={y} isDue={placesDue.has(system.id)} />
                    </g>
                ))}
                <ScaleBar x={inner - part * 3 - 24} y={round.height + 4} part={part} labels={labels} />
                <Legend y={round.height + (width < NARROW ? 52 : 8)} />
            </g>
        </svg>
    )
}

function StationLabel({
    system,
    x,
    y,
    isDue,
}: {
    system: SystemSheet
    x: number
    y: number
    isDue: boolean
}) {
    const name = shortName(system)
    return (
        <g>
            <rect x={x - 4} y={y - 15} width={38 + name.length * 9} height={30} fill={ink('paper')} />
            <StationMark x={x + 13} y={y} n={system.walk_order} isDue={isDue} />
            <text x={x + 33} y={y + 6} fontSize="16" fontWeight={isDue ? 700 : 500} fill={ink('ink')}>
                {name}
            </text>
        </g>
    )
}

function StationMark({ x, y, n, isDue }: { x: number; y: number; n: number; isDue: boolean }) {
    return (
        <g>
            <circle
                cx={x}
                cy={y}
                r={13}
                fill={isDue ? ink('ink') : ink('paper')}
                stroke={ink('ink')}
                strokeWidth={1.6}
            />
            <text
                x={x}
                y={y + 5.5}
                fontSize="16"
                fontWeight={800}
                textAnchor="middle"
                fill={isDue ? ink('paper') : ink('ink')}
            >
                {n}
            </text>
        </g>
    )
}

function Legend({ y }: { y: number }) {
    return (
        <g fontSize="15" fill={ink('ink')}>
            <circle cx={10} cy={y} r={9} fill={ink('ink')} />
            <text x={25} y={y + 5}>
                {messages.today.key.due}
            </text>
            <circle cx={108} cy={y} r={9} fill={ink('paper')} stroke={ink('ink')} strokeWidth={1.6} />
            <text x={123} y={y + 5}>
                {messages.today.key.look}
            </text>
            <circle cx={212} cy={y} r={9} fill={ink('fresh')} stroke={ink('ink')} strokeWidth={1.6} />
            <path d={`M206 ${y}q6 -4 12 0q-6 4 -12 0`} fill={ink('band0')} />
            <text x={227} y={y + 5}>
                {messages.today.key.fish}
            </text>
        </g>
    )
}
