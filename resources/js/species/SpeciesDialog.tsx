import { useKeeper } from '../frame/keeper'
import { speciesWords } from '../messages/species'
import { Box, Button, chakra, Field, Textarea } from '@chakra-ui/react'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import type { SpeciesRequest, SpeciesSheet, Problem } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { useChange } from '../log/useChange'
import { useWrite } from '../log/useWrite'
import { ClaimsField } from './ClaimsField'
import type { ClaimTyped } from './claims'
import { claimsFrom, claimsTyped } from './claims'
import type { ValueField } from './valueFields'
import { describedFrom, fieldName, typedFrom, valueGroups } from './valueFields'

type Form = NonNullable<SpeciesRequest['form']>

interface SpeciesTyped {
    /** By the name of the field. */
    values: Record<string, string>
    claims: ClaimTyped[]
    form: Form
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
                    <NewSpecies onDone={close} />
                ) : (
                    <KnownSpecies sheet={sheet} onDone={close} />
                )}
            </PaperDialog>
        </>
    )
}

function KnownSpecies({ sheet, onDone }: { sheet: SpeciesSheet; onDone: () => void }) {
    const { unit_system: units, usual_species: usual } = useKeeper()
    const form = useForm<SpeciesTyped>({
        defaultValues: {
            values: typedFrom(sheet.description, units, usual),
            claims: claimsTyped(sheet.description, units),
        },
    })
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
                const { values, claims } = form.getValues()
                change.save({
                    description: claimsFrom(
                        describedFrom(sheet.description, values, units, usual),
                        claims,
                        units,
                    ),
                })
            }}
        >
            <Values form={form} error={change.fieldError} />
        </EntryForm>
    )
}

function NewSpecies({ onDone }: { onDone: () => void }) {
    const { unit_system: units, usual_species: usual } = useKeeper()
    const form = useForm<SpeciesTyped>({
        defaultValues: { values: typedFrom({}, units, usual), claims: [], form: 'torpedo' },
    })
    const outline = useWatch({ control: form.control, name: 'form' })
    const navigate = useNavigate()
    const add = useWrite(
        'POST',
        '/api/v1/species',
        {},
        {
            notice: (sheet) => speciesWords.added({ name: sheet.species.common_name }),
            undo: (sheet) =>
                write('DELETE', '/api/v1/species/{species}', { species: sheet.species.id }).then(() =>
                    navigate({ to: '/species' }),
                ),
            onDone: async (sheet) => {
                onDone()
                await navigate({ to: '/species/$id', params: { id: sheet.species.id } })
            },
        },
    )
    return (
        <EntryForm
            act={speciesWords.save}
            isSaving={add.isSaving}
            error={errorAtFoot(add)}
            onCancel={onDone}
            onSave={() => {
                const { values, claims } = form.getValues()
                add.save({
                    description: claimsFrom(describedFrom({}, values, units, usual), claims, units),
                    form: outline,
                })
            }}
        >
            <ChoiceField
                label={speciesWords.form}
                options={optionsOf(FORMS)}
                value={outline}
                onChange={(value) => form.setValue('form', value as Form)}
            />
            <Values form={form} error={add.fieldError} />
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

const MARKED = new Set([
    'adult_size_claims',
    ...valueGroups('metric').flatMap((group) => group.fields.flatMap((one) => [one.field, fieldName(one)])),
])

const FORMS: Record<Form, string> = speciesWords.forms

interface ValuesProps {
    form: UseFormReturn<SpeciesTyped>
    error: (field: string) => string | undefined
}

function Values({ form, error }: ValuesProps) {
    const { unit_system: units } = useKeeper()
    const [values, claims] = useWatch({ control: form.control, name: ['values', 'claims'] })
    return (
        <>
            {valueGroups(units).map((group) => (
                <chakra.fieldset
                    key={group.title}
                    border="none"
                    borderTop="1px solid"
                    borderColor="ink"
                    padding="8px 0 0"
                    margin="0"
                    minWidth="0"
                >
                    <chakra.legend fontWeight={800} padding="0 8px 0 0">
                        {group.title}
                    </chakra.legend>
                    <Box
                        display="grid"
                        gridTemplateColumns={{ base: '1fr', md: 'repeat(2, minmax(0, 1fr))' }}
                        gap="12px"
                        alignItems="end"
                    >
                        {group.fields.map((one) => (
                            <Value
                                key={fieldName(one)}
                                one={one}
                                value={values[fieldName(one)] ?? ''}
                                onChange={(value) =>
                                    form.setValue('values', { ...values, [fieldName(one)]: value })
                                }
                                error={error(fieldName(one)) ?? error(one.field)}
                            />
                        ))}
                    </Box>
                </chakra.fieldset>
            ))}
            <ClaimsField
                claims={claims}
                onChange={(next) => form.setValue('claims', next)}
                error={error('adult_size_claims')}
            />
        </>
    )
}

function Value({
    one,
    value,
    onChange,
    error,
}: {
    one: ValueField
    value: string
    onChange: (value: string) => void
    error: string | undefined
}) {
    if (one.type === 'choice') {
        return (
            <ChoiceField
                label={one.label}
                options={optionsOf(one.options)}
                value={value}
                onChange={onChange}
                error={error}
            />
        )
    }
    if (one.type === 'lines' || one.type === 'records') {
        return (
            <Field.Root invalid={error !== undefined} gridColumn={{ md: '1 / 3' }}>
                <Field.Label>{one.label}</Field.Label>
                <Textarea
                    rows={3}
                    value={value}
                    onChange={(event) => onChange(event.target.value)}
                    border="1.6px solid"
                    borderColor="edge"
                    borderRadius="3px"
                    background="fresh"
                    color="ink"
                    padding="8px 12px"
                    width="100%"
                />
                <Field.ErrorText role="alert">{error}</Field.ErrorText>
            </Field.Root>
        )
    }
    return (
        <TextField
            label={one.label}
            value={value}
            onChange={onChange}
            error={error}
            inputMode={one.type === 'number' ? 'decimal' : 'text'}
        />
    )
}
