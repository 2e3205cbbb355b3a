import { Box, Button, chakra } from '@chakra-ui/react'
import type { SpeciesRow } from '../api/types'
import { longestReach } from '../drawing/reach'
import { SideToScale } from '../drawing/SideToScale'
import { useUnit } from '../frame/keeper'
import { weighUpWords as words } from '../messages/weighUp'
import { projected } from '../units/length'
import { spreadOverSizes } from './spreadOverSizes'

const MOST_SHOWN = 18

interface Props {
    allSpecies: readonly SpeciesRow[]
    /** It has half of the sheet. */
    isNarrow: boolean
    onChoose: (species: SpeciesRow) => void
}

/** Kinds to pick from while none is chosen: how large each becomes is seen before anything is read. */
export function Kinds({ allSpecies, isNarrow, onChoose }: Props) {
    const shown = spreadOverSizes(allSpecies, MOST_SHOWN)
    const reach = longestReach(shown.map(({ form, adult_mm: mm }) => ({ form, mm })))
    const unit = useUnit()
    return (
        <Box as="section" aria-label={words.kinds}>
            <chakra.h2 fontSize="part" fontWeight={800}>
                {words.kinds}
            </chakra.h2>
            <Box
                display="grid"
                gridTemplateColumns={{
                    base: 'minmax(0, 1fr)',
                    md: 'repeat(2, minmax(0, 1fr))',
                    lg: isNarrow ? 'minmax(0, 1fr)' : 'repeat(2, minmax(0, 1fr))',
                    xl: `repeat(${isNarrow ? 2 : 3}, minmax(0, 1fr))`,
                }}
                columnGap="24px"
                borderTop="1.6px solid"
                borderColor="ink"
                marginTop="6px"
            >
                {shown.map((species) => (
                    <Button
                        key={species.id}
                        variant="plain"
                        justifyContent="space-between"
                        gap="10px"
                        minHeight="58px"
                        paddingInline="0"
                        border="0"
                        borderBottom="1px solid"
                        borderRadius="0"
                        textDecoration="none"
                        borderColor="rule"
                        whiteSpace="normal"
                        textAlign="start"
                        onClick={() => onChoose(species)}
                    >
                        <chakra.span flex="1" minWidth="0">
                            {species.common_name}{' '}
                            <chakra.span color="ink2" fontWeight={400} whiteSpace="nowrap">
                                {projected(species.adult_mm, unit)}
                            </chakra.span>
                        </chakra.span>
                        {/* As broad in every row: one scale. */}
                        <Box flex="none" width={{ base: '92px', md: '58%' }}>
                            <SideToScale form={species.form} band={0} mm={species.adult_mm} reach={reach} />
                        </Box>
                    </Button>
                ))}
            </Box>
            <chakra.p color="ink2" paddingTop="8px">
                {words.kindsMore({ n: allSpecies.length })}
            </chakra.p>
        </Box>
    )
}
