import { Box } from '@chakra-ui/react'
import type { UseFormReturn } from 'react-hook-form'
import { useWatch } from 'react-hook-form'
import type { Refused } from '../api/refused'
import { AskingScope, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { Fold } from '../frame/Fold'
import { weighUpWords } from '../messages/weighUp'
import { SpeciesNamed } from '../species/SpeciesField'
import { PerhapsFields } from './PerhapsFields'
import type { CandidateTyped } from './candidate'

interface Props {
    form: UseFormReturn<CandidateTyped>
    refused: Refused | undefined
    /** Names that no species here has. */
    unknown: readonly string[]
}

const { Text, Choice } = fieldsOf<CandidateTyped>()

/** As the API names what stands under the fold. */
const OF_THE_OFFER = ['health', 'price', 'quarantine_served', 'fallback'] as const

/** What is thought of, as seen at the seller's. */
export function CandidateForm({ form, refused, unknown }: Props) {
    const name = useWatch({ control: form.control, name: 'species' })
    return (
        <AskingScope form={form} refused={refused}>
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <Box gridColumn="1 / -1">
                    <SpeciesNamed
                        name="species"
                        label={weighUpWords.species}
                        help={weighUpWords.speciesHelp}
                        unknown={unknown.includes(name) ? weighUpWords.unknownSpecies : undefined}
                    />
                </Box>
                <Box gridColumn="1 / -1">
                    <PerhapsFields form={form} unknown={unknown} />
                </Box>
                <Text name="count" label={weighUpWords.count} inputMode="numeric" />
                <Text name="length" label={weighUpWords.length} help={weighUpWords.lengthHelp} />
                <Box gridColumn="1 / -1">
                    <Fold
                        title={weighUpWords.offer}
                        says={weighUpWords.offerSays}
                        on="every width"
                        isWanted={OF_THE_OFFER.some((field) => refused?.fieldError(field) !== undefined)}
                    >
                        <Offer />
                    </Fold>
                </Box>
            </Box>
        </AskingScope>
    )
}

function Offer() {
    return (
        <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" paddingTop="8px">
            <Box gridColumn="1 / -1">
                <Choice name="health" label={weighUpWords.health} options={optionsOf(weighUpWords.healths)} />
            </Box>
            <Text name="price" label={weighUpWords.price} inputMode="decimal" />
            <Text
                name="served"
                refusedAs="quarantine_served"
                label={weighUpWords.quarantine}
                inputMode="numeric"
            />
            <Box gridColumn="1 / -1">
                <Text name="fallback" label={weighUpWords.fallback} />
            </Box>
        </Box>
    )
}
