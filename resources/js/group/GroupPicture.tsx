import { Box } from '@chakra-ui/react'
import type { FishSheet } from '../api/types'
import { FishSide } from '../drawing/FishSide'
import { useUnit } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { groupWords as words } from '../messages/group'
import { ink } from '../theme/tokens'
import type { LengthUnit } from '../units/length'
import { projected } from '../units/length'
import { placeRow } from './placeRow'

const WATER = 14
const LABEL = 28
/** A deep fish is no higher than this share of its length. */
const DEPTH = 0.6
const HIGHEST = 190

interface Drawn {
    mm: number
    said: string
    outlineOnly: boolean
}

/** Those of each size beside each other to one scale; where none are told apart, the smallest, most of them and the largest. */
export function GroupPicture({ sheet }: { sheet: FishSheet }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const unit = useUnit()
    const drawn = drawnOf(sheet, unit)
    const row = placeRow(
        drawn.map(({ mm }) => mm),
        width,
        (HIGHEST - WATER - LABEL) / DEPTH,
    )
    const water = Math.max(...row.map(({ length }) => length)) * DEPTH + WATER
    return (
        <Box ref={box} minHeight="90px">
            {width > 0 && (
                <svg
                    width={width}
                    height={water + LABEL}
                    role="img"
                    aria-label={words.picture({
                        name: sheet.fish.name,
                        sizes: drawn.map(({ said }) => said).join('; '),
                    })}
                >
                    <rect width={width} height={water} fill={ink('water')} />
                    <path d={`M0 ${water}H${width}`} stroke={ink('ink')} strokeWidth={1.6} />
                    {drawn.map(({ said, outlineOnly }, i) => {
                        const { x = 0, length = 0 } = row[i] ?? {}
                        return (
                            <g key={said}>
                                <FishSide
                                    form={sheet.fish.form}
                                    band={sheet.fish.band}
                                    x={x}
                                    y={water - WATER / 2 - (length * DEPTH) / 2}
                                    length={length}
                                    outlineOnly={outlineOnly}
                                />
                                <text
                                    x={x}
                                    y={water + 20}
                                    textAnchor="middle"
                                    fontSize={15}
                                    fontWeight={600}
                                    fill={ink('ink')}
                                >
                                    {said}
                                </text>
                            </g>
                        )
                    })}
                </svg>
            )}
        </Box>
    )
}

function drawnOf({ fish, group, knowledge }: FishSheet, unit: LengthUnit): Drawn[] {
    if (group.sizes.length > 0) {
        return group.sizes.map(({ called, count, length_mm: mm }) => ({
            mm,
            said: (called === '' ? words.each : words.eachCalled)({
                called,
                count,
                length: projected(mm, unit),
            }),
            outlineOnly: false,
        }))
    }
    const said = (mm: number) => ({ length: projected(mm, unit) })
    return [
        {
            mm: knowledge.smallest_mm,
            said: words.smallest(said(knowledge.smallest_mm)),
            outlineOnly: true,
        },
        { mm: fish.length_mm.likely, said: words.middle(said(fish.length_mm.likely)), outlineOnly: false },
        { mm: knowledge.largest_mm, said: words.largest(said(knowledge.largest_mm)), outlineOnly: true },
    ]
}
