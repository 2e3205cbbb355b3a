import { weighUpWords } from '../messages/weighUp'
import { Box } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { systemsQuery } from '../api/queries'
import type { Band, Chain, SpeciesRow, SystemSheet } from '../api/types'
import { FishAbove } from '../drawing/FishAbove'
import { ScaleBar } from '../drawing/ScaleBar'
import { useKeeper, useUnit } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { fullSize, SystemFromAbove } from '../systems/SystemFromAbove'
import { ink } from '../theme/tokens'
import { monthOfYear } from '../units/day'
import { projected } from '../units/length'
import { scaleOfRow } from './scaleOfRow'

interface Props {
    chain: Chain
    species: SpeciesRow
    adult: Band
}

interface Room {
    key: string
    name: string
    note: string
    /** Millimetres, inside. */
    width: number
    height: number
    fish: number
    system: SystemSheet | undefined
}

const GAP = 26
const LABELS = 46
const LABEL_WIDTH = 130
const ROW_FROM = 560
const MOST_SCALE = 0.14
const MOST_HEIGHT = 210
const FEET = 304.8

/** The homes of a chain side by side from above, each with the fish as long as it leaves; what must be built is dashed. */
export function ChainPicture({ chain, species, adult }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const systems = useQuery(systemsQuery).data ?? []
    const { units } = useKeeper()
    const rooms = roomsOf(chain, systems, adult)
    const tallest = Math.max(...rooms.map((room) => room.height))
    const inRow = width >= ROW_FROM && width >= rooms.length * (LABEL_WIDTH + GAP)
    const breadths = rooms.map((room) => room.width)
    const scale = Math.min(
        inRow
            ? scaleOfRow(breadths, LABEL_WIDTH, width - GAP * (rooms.length - 1) - 4)
            : (width - 4) / Math.max(...breadths),
        MOST_HEIGHT / tallest,
        MOST_SCALE,
    )
    const part = (units.length === 'metric' ? 1000 : 3 * FEET) * scale
    const places = placed(rooms, scale, inRow)
    const height =
        Math.max(...places.map((place) => place.y)) +
        LABELS +
        (inRow ? tallest * scale : (rooms.at(-1)?.height ?? 0) * scale)
    return (
        <Box ref={box}>
            {width > 0 && rooms.length > 0 && (
                <svg
                    width={width}
                    height={height + 40}
                    role="img"
                    aria-label={weighUpWords.picture({ kind: species.common_name })}
                >
                    {rooms.map((room, i) => (
                        <RoomDrawing
                            key={room.key}
                            room={room}
                            form={species.form}
                            scale={scale}
                            {...(places[i] ?? { x: 0, y: 0 })}
                        />
                    ))}
                    <ScaleBar
                        x={6}
                        y={height + 8}
                        part={part}
                        labels={units.length === 'metric' ? ['0', '1', '2 m'] : ['0', '3', '6 ft']}
                    />
                </svg>
            )}
        </Box>
    )
}

interface RoomProps {
    room: Room
    form: SpeciesRow['form']
    scale: number
    x: number
    y: number
}

/** One home with its name over it and the fish as long as it leaves. */
function RoomDrawing({ room, form, scale, x, y }: RoomProps) {
    const unit = useUnit()
    const top = y + LABELS
    const long = room.fish * scale
    return (
        <g>
            <text x={x} y={y + 16} fontSize={16} fontWeight={700} fill={ink('ink')}>
                {room.name}
            </text>
            <text x={x} y={y + 36} fontSize={15} fill={ink('ink2')}>
                {room.note}, {projected(room.fish, unit)}
            </text>
            {room.system === undefined ? (
                <rect
                    x={x + 1}
                    y={top}
                    width={room.width * scale}
                    height={room.height * scale}
                    fill="none"
                    stroke={ink('unc')}
                    strokeWidth={2}
                    strokeDasharray="9 5"
                />
            ) : (
                <SystemFromAbove system={{ ...room.system, fish: [] }} x={x + 1} y={top} scale={scale} />
            )}
            {form !== 'none' && long > 4 && (
                <FishAbove
                    form={form}
                    band={0}
                    x={x + (room.width * scale) / 2}
                    y={top + (room.height * scale) / 2}
                    length={long}
                    angle={0}
                />
            )}
        </g>
    )
}

function roomsOf(chain: Chain, systems: readonly SystemSheet[], adult: Band): Room[] {
    const rooms: Room[] = chain.stays.flatMap((stay) => {
        const system = systems.find((one) => one.id === stay.system_id)
        if (system === undefined) {
            return []
        }
        const [width, height] = fullSize(system)
        const note = stay.is_for_life
            ? weighUpWords.forLife
            : stay.move === null
              ? weighUpWords.atLeast({ month: monthOfYear(chain.horizon) })
              : weighUpWords.untilMove({ month: monthOfYear(stay.move) })
        return [
            {
                key: `${stay.system_id} ${stay.from}`,
                name: stay.name,
                note,
                width,
                height,
                fish: stay.length_at_end_mm,
                system,
            },
        ]
    })
    if (chain.build !== null) {
        rooms.push({
            key: 'build',
            name: weighUpWords.toBuild,
            note: weighUpWords.buildBy({ month: monthOfYear(chain.build.by) }),
            width: chain.build.length_mm,
            height: chain.build.width_mm,
            fish: adult.high,
            system: undefined,
        })
    }
    return rooms
}

/** In a row, or one under the other on a phone. */
function placed(rooms: readonly Room[], scale: number, inRow: boolean): { x: number; y: number }[] {
    let [x, y] = [0, 0]
    return rooms.map((room) => {
        const place = { x, y }
        if (inRow) {
            x += Math.max(room.width * scale, LABEL_WIDTH) + GAP
        } else {
            y += room.height * scale + LABELS + 12
        }
        return place
    })
}
