import { messages } from '../messages'
import { identityWords } from '../messages/identity'
import { Box, Button } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import { useFieldArray, useForm, useWatch } from 'react-hook-form'
import { speciesListQuery } from '../api/queries'
import type { FishSheet } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useChange } from '../entry/useChange'

/** What the fish is taken for: surely, or with up to three others that it may be. */
export function IdentityDialog({ sheet }: { sheet: FishSheet }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <Button
                variant="plain"
                fontSize="note"
                aria-label={identityWords.identifyLong}
                onClick={() => setOpen(true)}
            >
                {identityWords.identify}
            </Button>
            <PaperDialog title={identityWords.identifyTitle} open={open} onClose={() => setOpen(false)}>
                <IdentityForm sheet={sheet} onDone={() => setOpen(false)} />
            </PaperDialog>
        </>
    )
}

const MOST_CANDIDATES = 3
const FIRST_SHARE = '30'
const NEXT_SHARE = '10'

interface Values {
    species_id: string
    /** Other species that it may be; species_id '' while none is chosen, the share in per cent. */
    candidates: { species_id: string; share: string }[]
    sex: string
    hatched_on: string
}

const { Text, Choice } = fieldsOf<Values>()

const valuesOf = ({ species_id, candidates, sex, hatched_on }: FishSheet['identity']): Values => ({
    species_id: String(species_id),
    candidates:
        candidates.length === 0
            ? [{ species_id: '', share: FIRST_SHARE }]
            : candidates.map((candidate) => ({
                  species_id: String(candidate.species_id),
                  share: String(Math.round(candidate.weight * 100)),
              })),
    sex: sex ?? '',
    hatched_on: hatched_on ?? '',
})

function IdentityForm({ sheet, onDone }: { sheet: FishSheet; onDone: () => void }) {
    const { identity, fish } = sheet
    const allSpecies = useQuery(speciesListQuery).data ?? []
    const options = allSpecies.map((species) => ({ value: String(species.id), text: species.common_name }))
    const form = useForm<Values>({ defaultValues: valuesOf(identity) })
    const change = useChange(
        '/api/v1/fish/{fish}/identity',
        { fish: fish.id },
        {
            before: identity,
            notice: identityWords.identified({ name: fish.name }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={change}
            act={identityWords.saveIdentity}
            onCancel={onDone}
            onSave={({ species_id, candidates, sex, hatched_on }) =>
                change.save({
                    species_id: Number(species_id),
                    candidates: candidates
                        .filter((candidate) => candidate.species_id !== '')
                        .map((candidate) => ({
                            species_id: Number(candidate.species_id),
                            weight: Number(candidate.share) / 100,
                        })),
                    sex: sex === 'male' || sex === 'female' ? sex : null,
                    hatched_on: hatched_on === '' ? null : hatched_on,
                })
            }
        >
            <p>{identityWords.identifyHelp}</p>
            <Choice name="species_id" label={identityWords.surely} options={options} />
            <Candidates form={form} options={options} fieldError={change.fieldError} />
            <Choice name="sex" label={messages.fish.sex} options={optionsOf(messages.fish.sexes)} />
            <Text name="hatched_on" label={identityWords.hatched} type="date" max={sheet.today} />
        </FieldForm>
    )
}

interface CandidatesProps {
    form: UseFormReturn<Values>
    options: readonly { value: string; text: string }[]
    fieldError: (field: string) => string | undefined
}

/** What it may be instead, each with its share. */
function Candidates({ form, options, fieldError }: CandidatesProps) {
    const { fields, append } = useFieldArray({ control: form.control, name: 'candidates' })
    const typed = useWatch({ control: form.control, name: 'candidates' })
    return (
        <>
            {fields.map(({ id }, n) => (
                <Box key={id} display="grid" gridTemplateColumns="minmax(0, 1fr) 130px" gap="12px">
                    <Choice
                        name={`candidates.${n}.species_id`}
                        label={n === 0 ? messages.fish.perhaps : messages.fish.orPerhaps}
                        options={[{ value: '', text: '–' }, ...options]}
                    />
                    {typed[n]?.species_id !== '' && (
                        <Text
                            name={`candidates.${n}.share`}
                            label={identityWords.share}
                            inputMode="numeric"
                            refusedAs={
                                n === 0 && fieldError('candidates') !== undefined
                                    ? 'candidates'
                                    : `candidates.${n}.weight`
                            }
                        />
                    )}
                </Box>
            ))}
            {fields.length < MOST_CANDIDATES && typed.at(-1)?.species_id !== '' && (
                <Button
                    type="button"
                    variant="plain"
                    alignSelf="start"
                    onClick={() => append({ species_id: '', share: NEXT_SHARE })}
                >
                    {identityWords.oneSpeciesMore}
                </Button>
            )}
        </>
    )
}
