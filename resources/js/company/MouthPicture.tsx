import { Box } from '@chakra-ui/react'
import type { CompanyFish } from '../api/types'
import { FishSide } from '../drawing/FishSide'
import { useUnit } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { companyWords as words } from '../messages/company'
import { ink } from '../theme/tokens'
import { projected } from '../units/length'

interface Props {
    predator: CompanyFish
    prey: CompanyFish
    /** Length of the prey from which it no longer fits, millimetres. */
    safeFrom: number
}

/** A fish is no higher than this share of its length. */
const DEPTH = 0.5
const LINE = 24

/** Both to one scale, and over the smaller the length that fits. */
export function MouthPicture({ predator, prey, safeFrom }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    const unit = useUnit()
    const long = predator.largest_mm
    const short = prey.smallest_mm
    const scale = (width - 8) / Math.max(long, short, safeFrom)
    const [above, below] = [long * scale * DEPTH, Math.max(short, safeFrom) * scale * DEPTH]
    return (
        <Box ref={box} minHeight="120px">
            {width > 0 && (
                <svg
                    width={width}
                    height={above + below + 3 * LINE}
                    role="img"
                    aria-label={words.picture({
                        predator: predator.name,
                        long: projected(long, unit),
                        prey: prey.name,
                        short: projected(short, unit),
                    })}
                >
                    <FishSide
                        form={predator.form}
                        band={predator.band}
                        x={4 + (long * scale) / 2}
                        y={above / 2}
                        length={long * scale}
                    />
                    <text x={4} y={above + 16} fontSize={15} fontWeight={600} fill={ink('ink')}>
                        {`${predator.name} ${projected(long, unit)}`}
                    </text>
                    <g transform={`translate(0 ${above + LINE})`}>
                        <rect
                            x={4}
                            width={safeFrom * scale}
                            height={below}
                            fill="url(#hatch-over)"
                            opacity={0.5}
                        />
                        <path
                            d={`M${4 + safeFrom * scale} 0V${below}`}
                            stroke={ink('over')}
                            strokeWidth={2}
                        />
                        <FishSide
                            form={prey.form}
                            band={prey.band}
                            x={4 + (short * scale) / 2}
                            y={below / 2}
                            length={short * scale}
                        />
                        <text x={4} y={below + 16} fontSize={15} fontWeight={600} fill={ink('ink')}>
                            {`${prey.name} ${projected(short, unit)}`}
                        </text>
                        <text x={4} y={below + 16 + LINE} fontSize={15} fill={ink('over')}>
                            {words.swallows({ predator: predator.name, length: projected(safeFrom, unit) })}
                        </text>
                    </g>
                </svg>
            )}
        </Box>
    )
}
