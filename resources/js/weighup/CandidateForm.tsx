import { Box } from '@chakra-ui/react'
import type { UseFormReturn } from 'react-hook-form'
import { useWatch } from 'react-hook-form'
import type { Refused } from '../api/refused'
import { AskingScope, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { weighUpWords } from '../messages/weighUp'
import { SpeciesNamed } from '../species/SpeciesField'
import { PerhapsFields } from './PerhapsFields'
import type { CandidateTyped } from './candidate'

interface Props {
    form: UseFormReturn<CandidateTyped>
    refused: Refused | undefined
    /** Names that no species here has. */
    unknown: readonly string[]
    isNarrow: boolean
}

const { Text, Choice } = fieldsOf<CandidateTyped>()

/** What is thought of, as seen at the seller's. */
export function CandidateForm({ form, refused, unknown, isNarrow }: Props) {
    const name = useWatch({ control: form.control, name: 'species' })
    const column = (lg: string): object => ({ base: '1 / -1', lg: isNarrow ? '1 / -1' : lg })
    return (
        <AskingScope form={form} refused={refused}>
            <Box
                display="grid"
                gridTemplateColumns={{
                    base: 'repeat(2, minmax(0, 1fr))',
                    lg: isNarrow ? 'repeat(2, minmax(0, 1fr))' : 'repeat(3, minmax(0, 1fr))',
                }}
                gap="12px"
                alignItems="start"
            >
                <Box gridColumn={column('1 / 3')}>
                    <SpeciesNamed
                        name="species"
                        label={weighUpWords.species}
                        help={weighUpWords.speciesHelp}
                        unknown={unknown.includes(name) ? weighUpWords.unknownSpecies : undefined}
                    />
                </Box>
                <Box gridColumn={column('1 / -1')}>
                    <PerhapsFields form={form} unknown={unknown} />
                </Box>
                <Text name="count" label={weighUpWords.count} inputMode="numeric" />
                <Text name="length" label={weighUpWords.length} help={weighUpWords.lengthHelp} />
                <Box gridColumn={column('auto')}>
                    <Choice
                        name="health"
                        label={weighUpWords.health}
                        options={optionsOf(weighUpWords.healths)}
                    />
                </Box>
                <Text name="price" label={weighUpWords.price} inputMode="decimal" />
                <Text
                    name="served"
                    refusedAs="quarantine_served"
                    label={weighUpWords.quarantine}
                    inputMode="numeric"
                />
                <Box gridColumn={column('2 / -1')}>
                    <Text name="fallback" label={weighUpWords.fallback} />
                </Box>
            </Box>
        </AskingScope>
    )
}
