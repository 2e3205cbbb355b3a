import { Box } from '@chakra-ui/react'
import type { FishRow } from '../api/types'
import { FishSide } from '../drawing/FishSide'
import { useKeeper, useUnit } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { ink } from '../theme/tokens'
import { shortDay } from '../units/day'

interface Props {
    fish: FishRow
    /** The length that is typed, or the one expected while nothing is. */
    mm: number
    before: FishRow['last_length']
}

const HEIGHT = 186
const LEFT = 14
/** The board ends a third beyond the fish. */
const ROOM = 1.32

/** The fish on the measuring board: it grows with what is typed, so that a slip is seen. */
export function MeasuringBoard({ fish, mm, before }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const { today } = useKeeper()
    const unit = useUnit()
    const end = Math.max(mm, before?.length_mm ?? 0) * ROOM
    const scale = (width - LEFT - 8) / end
    const at = (millimetres: number): number => LEFT + millimetres * scale
    const edge = HEIGHT - 42
    const count = Math.floor(end / unit.mm)
    const major = count > 80 ? 20 : count > 24 ? 10 : count > 8 ? 5 : 1
    const minor = Math.max(1, major / 5)
    const ticks = Array.from({ length: Math.floor(count / minor) + 1 }, (_, i) => Math.round(i * minor))
    return (
        <Box ref={box} aria-hidden="true" minHeight={`${HEIGHT}px`}>
            {width > 0 && (
                <svg width={width} height={HEIGHT}>
                    <rect width={width} height={edge} fill={ink('water')} />
                    <rect y={edge} width={width} height={HEIGHT - edge} fill={ink('fresh')} />
                    <FishSide
                        form={fish.form}
                        band={fish.band}
                        x={at(mm / 2)}
                        y={edge / 2 + 6}
                        length={mm * scale}
                    />
                    <path d={`M0 ${edge}H${width}`} stroke={ink('ink')} strokeWidth={2.2} />
                    {ticks.map((tick) => (
                        <g key={tick}>
                            <path
                                d={`M${at(tick * unit.mm)} ${edge}v${tick % major === 0 ? 16 : 8}`}
                                stroke={ink('ink')}
                                strokeWidth={tick % major === 0 ? 1.8 : 1}
                            />
                            {tick % major === 0 && (
                                <text
                                    x={at(tick * unit.mm)}
                                    y={edge + 34}
                                    fontSize={15}
                                    fontWeight={600}
                                    textAnchor="middle"
                                    fill={ink('ink')}
                                >
                                    {tick}
                                </text>
                            )}
                        </g>
                    ))}
                    {before !== null && (
                        <>
                            <path
                                d={`M${at(before.length_mm)} 20V${edge}`}
                                stroke={ink('ink2')}
                                strokeWidth={1.4}
                                strokeDasharray="4 4"
                            />
                            <text
                                x={at(before.length_mm) - 3}
                                y={14}
                                textAnchor="end"
                                fontSize={15}
                                fill={ink('ink2')}
                            >
                                {shortDay(before.date, today)}
                            </text>
                        </>
                    )}
                    <path d={`M${at(mm)} 4V${edge}`} stroke={ink('accent')} strokeWidth={2.4} />
                    <path d={`M${at(mm) - 8} ${edge + 2}h16l-8 13z`} fill={ink('accent')} />
                    <path d={`M${LEFT} 4V${edge}`} stroke={ink('ink')} strokeWidth={2.2} />
                </svg>
            )}
        </Box>
    )
}
