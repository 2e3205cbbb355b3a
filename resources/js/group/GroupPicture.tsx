import { Box } from '@chakra-ui/react'
import type { FishSheet } from '../api/types'
import { FishSide } from '../drawing/FishSide'
import { useUnit } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { groupWords as words } from '../messages/group'
import { ink } from '../theme/tokens'
import type { LengthUnit } from '../units/length'
import { projected } from '../units/length'
import type { Placed } from './rowsOf'
import { rowsOf } from './rowsOf'

const WATER = 14
const LINE = 20
/** A deep fish is no higher than this share of its length. */
const DEPTH = 0.6
const HIGHEST = 150
/** What is written below one has this much room at least. */
const LEAST_PART = 110

interface Drawn {
    mm: number
    /** Below it, in two lines; the first may be empty. */
    said: readonly [string, string]
    outlineOnly: boolean
}

/** Those of each size beside each other to one scale; where none are told apart, the smallest, most of them and the largest. */
export function GroupPicture({ sheet }: { sheet: FishSheet }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const drawn = drawnOf(sheet, useUnit())
    const rows = rowsOf(
        drawn.map(({ mm }) => mm),
        { width, leastPart: LEAST_PART, longest: HIGHEST / DEPTH },
    )
    const water = Math.max(...rows.flat().map(({ length }) => length)) * DEPTH + WATER
    const high = water + 2 * LINE + 8
    return (
        <Box ref={box} minHeight="90px">
            {width > 0 && (
                <svg
                    width={width}
                    height={high * rows.length}
                    role="img"
                    aria-label={words.picture({
                        name: sheet.fish.name,
                        sizes: drawn.map(({ said }) => said.join(' ').trim()).join('; '),
                    })}
                >
                    {rows.map((row, i) => (
                        <g key={row[0]?.of} transform={`translate(0 ${i * high})`}>
                            <rect width={width} height={water} fill={ink('water')} />
                            <path d={`M0 ${water}H${width}`} stroke={ink('ink')} strokeWidth={1.6} />
                            {row.map((place) => (
                                <OfOneSize
                                    key={place.of}
                                    fish={sheet.fish}
                                    drawn={drawn[place.of]}
                                    place={place}
                                    water={water}
                                />
                            ))}
                        </g>
                    ))}
                </svg>
            )}
        </Box>
    )
}

interface OneProps {
    fish: FishSheet['fish']
    drawn: Drawn | undefined
    place: Placed
    water: number
}

function OfOneSize({ fish, drawn, place: { x, length }, water }: OneProps) {
    return (
        <>
            <FishSide
                form={fish.form}
                band={fish.band}
                x={x}
                y={water - WATER / 2 - (length * DEPTH) / 2}
                length={length}
                outlineOnly={drawn?.outlineOnly === true}
            />
            <text x={x} y={water + LINE} textAnchor="middle" fontSize={15} fill={ink('ink')}>
                {drawn?.said[0]}
            </text>
            <text
                x={x}
                y={water + 2 * LINE}
                textAnchor="middle"
                fontSize={15}
                fontWeight={600}
                fill={ink('ink')}
            >
                {drawn?.said[1]}
            </text>
        </>
    )
}

function drawnOf({ fish, group, knowledge }: FishSheet, unit: LengthUnit): Drawn[] {
    if (group.sizes.length > 0) {
        return group.sizes.map(({ called, count, length_mm: mm }) => ({
            mm,
            said: [called, words.each({ count, length: projected(mm, unit) })],
            outlineOnly: false,
        }))
    }
    const of = (word: string, mm: number, outlineOnly: boolean): Drawn => ({
        mm,
        said: [word, projected(mm, unit)],
        outlineOnly,
    })
    return [
        of(words.smallest, knowledge.smallest_mm, true),
        of(words.middle, fish.length_mm.likely, false),
        of(words.largest, knowledge.largest_mm, true),
    ]
}
