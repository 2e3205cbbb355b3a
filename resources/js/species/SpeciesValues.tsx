import { useKeeper } from '../frame/keeper'
import { speciesWords } from '../messages/species'
import { Box, Button, chakra } from '@chakra-ui/react'
import type { SpeciesSheet } from '../api/types'
import { Section } from '../frame/Section'
import { useChange } from '../entry/useChange'
import type { ShownValue } from './valueFields'
import { shownValues, valueGroups } from './valueFields'

/** Every value with where it comes from; the keeper's own can be taken back one by one. */
export function SpeciesValues({ sheet }: { sheet: SpeciesSheet }) {
    const { units, usual_species: usual } = useKeeper()
    return (
        <Section title={speciesWords.values}>
            <chakra.p color="ink2" paddingBlock="6px">
                {speciesWords.legend}
            </chakra.p>
            <Box columnCount={{ base: 1, md: 2 }} columnGap="30px">
                {valueGroups(units).map((group) => (
                    <Box key={group.title} paddingBottom="12px" breakInside="avoid">
                        <chakra.h3 fontWeight={800} paddingBottom="2px">
                            {group.title}
                        </chakra.h3>
                        <dl>
                            {shownValues(sheet.description, group, units, usual).map((one) => (
                                <Box
                                    key={one.label}
                                    display="grid"
                                    gridTemplateColumns="minmax(0, 2fr) minmax(0, 3fr)"
                                    gap="8px"
                                    borderBottom="1px solid"
                                    borderColor="rule"
                                    paddingBlock="4px"
                                >
                                    <chakra.dt color="ink2">{one.label}</chakra.dt>
                                    <chakra.dd fontWeight={600} margin="0">
                                        {one.text} <Source sheet={sheet} one={one} />
                                    </chakra.dd>
                                </Box>
                            ))}
                        </dl>
                    </Box>
                ))}
            </Box>
        </Section>
    )
}

const NAMES = ['common_name', 'scientific_name']

function Source({ sheet, one }: { sheet: SpeciesSheet; one: ShownValue }) {
    // Of a species of the keeper's own, what was worked out or taken from another says so.
    const isWorkedOut = !sheet.is_shipped && sheet.sources[one.field] !== undefined
    if (sheet.edited.includes(one.field) && !isWorkedOut) {
        return (
            <>
                <chakra.span color="unc" fontSize="note">
                    {speciesWords.own}
                </chakra.span>
                {sheet.is_shipped && <BackToShipped sheet={sheet} one={one} />}
            </>
        )
    }
    return NAMES.includes(one.field) ? null : (
        <chakra.span color="ink2" fontWeight={400} fontSize="note">
            {sheet.sources[one.field] ?? speciesWords.memory}
        </chakra.span>
    )
}

function BackToShipped({ sheet, one }: { sheet: SpeciesSheet; one: ShownValue }) {
    const shipped: Record<string, unknown> = sheet.shipped
    const change = useChange(
        '/api/v1/species/{species}',
        { species: sheet.species.id },
        {
            before: { description: sheet.description },
            notice: speciesWords.saved({ name: sheet.species.common_name }),
            onDone: () => undefined,
        },
    )
    return (
        <Button
            variant="plain"
            fontSize="note"
            aria-label={speciesWords.backToShipped({ field: one.label })}
            onClick={() =>
                change.save({ description: { ...sheet.description, [one.field]: shipped[one.field] } })
            }
        >
            {speciesWords.asItCame}
        </Button>
    )
}
