import { Button } from '@chakra-ui/react'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import type { Problem, SpeciesSheet, Units } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { EntryForm } from '../entry/EntryForm'
import { useChange } from '../entry/useChange'
import { speciesWords } from '../messages/species'
import { ClaimsField } from './ClaimsField'
import type { ClaimTyped } from './claims'
import { claimsFrom, claimsTyped } from './claims'
import { KnownSpeciesForm } from './KnownSpeciesForm'
import { ValueFields } from './ValueFields'
import { describedFrom, fieldName, typedFrom, valueGroups } from './valueFields'

interface SpeciesTyped {
    /** By the name of the field. */
    values: Record<string, string>
    claims: ClaimTyped[]
}

/** The values of a species to type over, or of a new one. */
export function SpeciesDialog({ sheet }: { sheet?: SpeciesSheet }) {
    const [open, setOpen] = useState(false)
    const close = (): void => setOpen(false)
    return (
        <>
            <Button onClick={() => setOpen(true)}>
                {sheet === undefined ? speciesWords.add : speciesWords.edit}
            </Button>
            <PaperDialog
                title={
                    sheet === undefined
                        ? speciesWords.addTitle
                        : speciesWords.editTitle({ name: sheet.species.common_name })
                }
                open={open}
                onClose={close}
                isWide
            >
                {sheet === undefined ? (
                    <KnownSpeciesForm onDone={close} />
                ) : (
                    <KnownSpecies sheet={sheet} onDone={close} />
                )}
            </PaperDialog>
        </>
    )
}

function KnownSpecies({ sheet, onDone }: { sheet: SpeciesSheet; onDone: () => void }) {
    const { units, usual_species: usual } = useKeeper()
    const form = useForm<SpeciesTyped>({
        defaultValues: {
            values: typedFrom(sheet.description, units, usual),
            claims: claimsTyped(sheet.description, units),
        },
    })
    const [values, claims] = useWatch({ control: form.control, name: ['values', 'claims'] })
    const change = useChange(
        '/api/v1/species/{species}',
        { species: sheet.species.id },
        {
            before: { description: sheet.description },
            notice: speciesWords.saved({ name: sheet.species.common_name }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={speciesWords.save}
            isSaving={change.isSaving}
            error={errorAtFoot(change)}
            onCancel={onDone}
            onSave={() => {
                change.save({
                    description: claimsFrom(
                        describedFrom(sheet.description, values, units, usual),
                        claims,
                        units,
                    ),
                })
            }}
        >
            <ValueFields
                values={values}
                onChange={(next) => form.setValue('values', next)}
                error={change.fieldError}
            />
            <ClaimsField
                claims={claims}
                onChange={(next) => form.setValue('claims', next)}
                error={change.fieldError('adult_size_claims')}
            />
        </EntryForm>
    )
}

/** The form is long: its foot says that a value is marked, and not which. */
function errorAtFoot({
    error,
    problem,
}: {
    error: string | undefined
    problem: Problem | undefined
}): string | undefined {
    const isMarked = Object.keys(problem?.errors ?? {}).some((field) => MARKED.has(field))
    return isMarked ? speciesWords.marked : error
}

/** Names of fields are the same in all. */
const ANY_UNITS: Units = { length: 'metric', volume: 'metric', temperature: 'metric', mass: 'metric' }

const MARKED = new Set([
    'adult_size_claims',
    ...valueGroups(ANY_UNITS).flatMap((group) => group.fields.flatMap((one) => [one.field, fieldName(one)])),
])
