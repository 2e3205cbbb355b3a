import { Box, chakra } from '@chakra-ui/react'
import type { SpeciesOutline } from '../api/types'
import { DimensionLine } from '../drawing/DimensionLine'
import { FishSide } from '../drawing/FishSide'
import { tallness } from '../drawing/tallness'
import { useUnit } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { speciesWords } from '../messages/species'
import { projected } from '../units/length'

const MARGIN = 12
const LEAST_SHOWN = 6
const LINE = 26
const MOST_HEIGHT = 260

/** One that is described, small, after a year and grown, to one scale. */
export function OutlinePicture({ outline }: { outline: SpeciesOutline }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const unit = useUnit()
    const sizes = [
        { mm: outline.brought_home_at_mm, word: speciesWords.known.small },
        { mm: outline.after_a_year_mm, word: speciesWords.known.afterAYear },
        { mm: outline.adult_mm.likely, word: speciesWords.grown },
    ]
    const tall = tallness(outline.form)
    const scale = Math.min(
        (width - 2 * MARGIN) / outline.adult_mm.high,
        MOST_HEIGHT / sizes.reduce((sum, one) => sum + one.mm * tall, 0),
    )
    const heights = sizes.map(({ mm }) => mm * scale * tall)
    const tops = heights.map((_, i) => MARGIN + heights.slice(0, i).reduce((sum, one) => sum + one + LINE, 0))
    const foot = MARGIN + heights.reduce((sum, one) => sum + one + LINE, 0)
    return (
        <Box ref={box}>
            <chakra.p fontWeight={700} aria-live="polite">
                {outline.sentence}
            </chakra.p>
            {width > 0 && (
                <svg width={width} height={foot + LINE} role="img" aria-label={outline.sentence}>
                    {sizes.map(({ mm, word }, i) => (
                        <g key={word}>
                            {outline.form !== 'none' && mm * scale > LEAST_SHOWN && (
                                <FishSide
                                    form={outline.form}
                                    band={0}
                                    x={MARGIN + (mm * scale) / 2}
                                    y={(tops[i] ?? 0) + (heights[i] ?? 0) / 2}
                                    length={mm * scale}
                                />
                            )}
                            <DimensionLine
                                x1={MARGIN}
                                x2={MARGIN + mm * scale}
                                y={(tops[i] ?? 0) + (heights[i] ?? 0) + 6}
                                label={`${word} ${projected(mm, unit)}`}
                                behind="paper"
                            />
                        </g>
                    ))}
                    <DimensionLine
                        x1={MARGIN + outline.adult_mm.low * scale}
                        x2={MARGIN + outline.adult_mm.high * scale}
                        y={foot}
                        label={`${projected(outline.adult_mm.low, unit)} – ${projected(outline.adult_mm.high, unit)}`}
                        behind="paper"
                    />
                </svg>
            )}
        </Box>
    )
}
