import { speciesWords } from '../messages/species'
import { Box } from '@chakra-ui/react'
import type { SpeciesSheet, SystemSheet } from '../api/types'
import { DimensionLine } from '../drawing/DimensionLine'
import { FishAbove } from '../drawing/FishAbove'
import { ScaleBar } from '../drawing/ScaleBar'
import { useKeeper, useUnit } from '../frame/keeper'
import { useWidth } from '../frame/useWidth'
import { fullSize, SystemFromAbove } from '../systems/SystemFromAbove'
import type { LengthUnit } from '../units/length'
import { projected } from '../units/length'
import { ink } from '../theme/tokens'

const MARGIN = 14
const MOST_HEIGHT = 380
const FEET = 304.8

/** A species as it is sold and as it is grown, in the keeper's largest system, all to one scale. */
export function SpeciesPicture({ sheet, systems }: { sheet: SpeciesSheet; systems: readonly SystemSheet[] }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const { units } = useKeeper()
    const largest = systems.reduce<SystemSheet | undefined>(
        (best, one) => (best === undefined || area(one) > area(best) ? one : best),
        undefined,
    )
    const adult = sheet.adult_mm.high
    const [homeWidth, homeHeight] = largest === undefined ? [adult * 2, adult] : fullSize(largest)
    const full = Math.max(homeWidth, adult * 1.2)
    const scale = Math.min((width - 2 * MARGIN) / full, MOST_HEIGHT / homeHeight)
    const part = (units.length === 'metric' ? 500 : FEET) * scale
    const middle = MARGIN + (homeHeight * scale) / 2
    const sizes = sizesOf(sheet, useUnit())
    return (
        <Box ref={box} paddingTop="12px">
            {width > 0 && (
                <svg
                    width={width}
                    height={homeHeight * scale + 2 * MARGIN + 44}
                    role="img"
                    aria-label={
                        largest === undefined
                            ? sheet.species.common_name
                            : speciesWords.beside({ system: largest.name })
                    }
                >
                    {largest !== undefined && (
                        <SystemFromAbove
                            system={{ ...largest, fish: [] }}
                            x={MARGIN}
                            y={MARGIN}
                            scale={scale}
                        />
                    )}
                    {sizes.map(({ mm, label, y }) => (
                        <Sized
                            key={label}
                            form={sheet.species.form}
                            label={label}
                            x={MARGIN + full * scale * 0.08}
                            y={middle + (y - 0.5) * homeHeight * scale}
                            length={mm * scale}
                        />
                    ))}
                    <ScaleBar
                        x={MARGIN + 4}
                        y={homeHeight * scale + 2 * MARGIN + 6}
                        part={part}
                        labels={units.length === 'metric' ? ['0', '0.5', '1 m'] : ['0', '1', '2 ft']}
                    />
                    {largest !== undefined && (
                        <text
                            x={width - MARGIN}
                            y={homeHeight * scale + 2 * MARGIN + 18}
                            textAnchor="end"
                            fontSize={15}
                            fill={ink('ink2')}
                        >
                            {speciesWords.beside({ system: largest.name })}
                        </text>
                    )}
                </svg>
            )}
        </Box>
    )
}

const area = (system: SystemSheet): number => {
    const [width, height] = fullSize(system)
    return width * height
}

interface Size {
    mm: number
    label: string
    /** Where it stands in the home, as a share of its height. */
    y: number
}

function sizesOf(sheet: SpeciesSheet, unit: LengthUnit): Size[] {
    const adult = sheet.adult_mm.high
    return [
        ...(sheet.species.sold_at_mm === null
            ? []
            : [
                  {
                      mm: sheet.species.sold_at_mm,
                      label: `${speciesWords.asSold} ${projected(sheet.species.sold_at_mm, unit)}`,
                      y: 0.24,
                  },
              ]),
        {
            mm: sheet.adult_mm.likely,
            label: `${speciesWords.grown} ${projected(sheet.adult_mm.likely, unit)}`,
            y: 0.5,
        },
        { mm: adult, label: projected(adult, unit), y: 0.78 },
    ]
}

interface SizedProps {
    form: SpeciesSheet['species']['form']
    label: string
    x: number
    y: number
    /** Pixels. */
    length: number
}

/** One at a size, with its length below it. */
function Sized({ form, label, x, y, length }: SizedProps) {
    return (
        <g>
            {form !== 'none' && length > 4 && (
                <FishAbove form={form} band={0} x={x + length / 2} y={y} length={length} angle={0} />
            )}
            <DimensionLine
                x1={x}
                x2={x + length}
                y={y + Math.max(16, length * (form === 'ray' ? 0.62 : 0.2))}
                label={label}
                behind="water"
            />
        </g>
    )
}
