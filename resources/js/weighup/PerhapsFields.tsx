import { Box, Button } from '@chakra-ui/react'
import type { UseFormReturn } from 'react-hook-form'
import { useFieldArray, useWatch } from 'react-hook-form'
import { fieldsOf, useRefusal } from '../entry/FieldForm'
import { weighUpWords } from '../messages/weighUp'
import { SpeciesNamed } from '../species/SpeciesField'
import type { CandidateTyped } from './candidate'

const MOST = 3
const FIRST_SHARE = '30'
const NEXT_SHARE = '10'

const { Text } = fieldsOf<CandidateTyped>()

interface Props {
    form: UseFormReturn<CandidateTyped>
    /** Names that no species here has. */
    unknown: readonly string[]
}

/** What else it may be, each with its share; the first species has the rest. */
export function PerhapsFields({ form, unknown }: Props) {
    const typed = useWatch({ control: form.control, name: 'perhaps' })
    const { fields, append, remove } = useFieldArray({ control: form.control, name: 'perhaps' })
    const refused = useRefusal('perhaps')
    return (
        <Box display="flex" flexDirection="column" gap="10px">
            {fields.map(({ id }, n) => (
                <Box
                    key={id}
                    display="grid"
                    gridTemplateColumns="minmax(0, 1fr) 84px"
                    gap="10px"
                    alignItems="start"
                >
                    <SpeciesNamed
                        name={`perhaps.${n}.species`}
                        refusedAs={`perhaps.${n}.species_id`}
                        label={n === 0 ? weighUpWords.perhaps : weighUpWords.orPerhaps}
                        unknown={
                            unknown.includes(typed[n]?.species ?? '')
                                ? weighUpWords.unknownSpecies
                                : undefined
                        }
                    />
                    <Text
                        name={`perhaps.${n}.share`}
                        refusedAs={`perhaps.${n}.weight`}
                        label={weighUpWords.share}
                        inputMode="numeric"
                    />
                </Box>
            ))}
            {refused !== undefined && <p role="alert">{refused}</p>}
            <Box display="flex" gap="14px" flexWrap="wrap">
                {fields.length < MOST && (
                    <Button
                        type="button"
                        variant="plain"
                        onClick={() =>
                            append({ species: '', share: fields.length === 0 ? FIRST_SHARE : NEXT_SHARE })
                        }
                    >
                        {fields.length === 0 ? weighUpWords.notSure : weighUpWords.another}
                    </Button>
                )}
                {fields.length > 0 && (
                    <Button type="button" variant="plain" onClick={() => remove(fields.length - 1)}>
                        {weighUpWords.fewer}
                    </Button>
                )}
            </Box>
        </Box>
    )
}
