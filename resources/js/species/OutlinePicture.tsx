import { Box, chakra } from '@chakra-ui/react'
import type { SpeciesOutline } from '../api/types'
import { DimensionLine } from '../drawing/DimensionLine'
import { FishSide } from '../drawing/FishSide'
import { useUnit } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { speciesWords } from '../messages/species'
import { projected } from '../units/length'

const MARGIN = 12
const LEAST_SHOWN = 6
const LINE = 30

/** One that is described, small, after a year and grown, to one scale. */
export function OutlinePicture({ outline }: { outline: SpeciesOutline }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const unit = useUnit()
    const scale = (width - 2 * MARGIN) / outline.adult_mm.high
    const sizes = [
        { mm: outline.brought_home_at_mm, word: speciesWords.known.small },
        { mm: outline.after_a_year_mm, word: speciesWords.known.afterAYear },
        { mm: outline.adult_mm.likely, word: speciesWords.grown },
        { mm: outline.adult_mm.high, word: speciesWords.known.atMost },
    ].map((size) => ({ ...size, height: Math.max(14, size.mm * scale * 0.34) }))
    const placed = sizes.map((size, i) => ({
        ...size,
        top: MARGIN + sizes.slice(0, i).reduce((sum, one) => sum + one.height + LINE, 0),
    }))
    const height = MARGIN + sizes.reduce((sum, one) => sum + one.height + LINE, 0)
    return (
        <Box ref={box}>
            <chakra.p fontWeight={700} aria-live="polite">
                {outline.sentence}
            </chakra.p>
            {width > 0 && (
                <svg width={width} height={height} role="img" aria-label={outline.sentence}>
                    {placed.map(({ mm, word, top, height: tall }) => (
                        <g key={word}>
                            {outline.form !== 'none' && mm * scale > LEAST_SHOWN && (
                                <FishSide
                                    form={outline.form}
                                    band={0}
                                    x={MARGIN + (mm * scale) / 2}
                                    y={top + tall / 2}
                                    length={mm * scale}
                                    outlineOnly={word === speciesWords.known.atMost}
                                />
                            )}
                            <DimensionLine
                                x1={MARGIN}
                                x2={MARGIN + mm * scale}
                                y={top + tall + 8}
                                label={`${word} ${projected(mm, unit)}`}
                                behind="fresh"
                            />
                        </g>
                    ))}
                </svg>
            )}
        </Box>
    )
}
