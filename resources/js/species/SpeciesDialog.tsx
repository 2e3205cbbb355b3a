import { useKeeper } from '../frame/keeper'
import { messages } from '../messages'
import { Box, Button, chakra, Field, Textarea } from '@chakra-ui/react'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
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

/** The values of a species to type over, or of a new one. */
export function SpeciesDialog({ sheet }: { sheet?: SpeciesSheet }) {
    const [open, setOpen] = useState(false)
    const close = (): void => setOpen(false)
    return (
        <>
            <Button onClick={() => setOpen(true)}>
                {sheet === undefined ? messages.species.add : messages.species.edit}
            </Button>
            <PaperDialog
                title={
                    sheet === undefined
                        ? messages.species.addTitle
                        : messages.species.editTitle({ name: sheet.species.common_name })
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
    const [typed, setTyped] = useState(typedFrom(sheet.description, units, usual))
    const [claims, setClaims] = useState(claimsTyped(sheet.description, units))
    const change = useChange(
        '/api/v1/species/{species}',
        { species: sheet.species.id },
        {
            before: { description: sheet.description },
            notice: messages.species.saved({ name: sheet.species.common_name }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={messages.species.save}
            isSaving={change.isSaving}
            error={errorAtFoot(change)}
            onCancel={onDone}
            onSave={() =>
                change.save({
                    description: claimsFrom(
                        describedFrom(sheet.description, typed, units, usual),
                        claims,
                        units,
                    ),
                })
            }
        >
            <Values
                typed={typed}
                onType={setTyped}
                claims={claims}
                onClaims={setClaims}
                error={change.fieldError}
            />
        </EntryForm>
    )
}

function NewSpecies({ onDone }: { onDone: () => void }) {
    const { unit_system: units, usual_species: usual } = useKeeper()
    const [typed, setTyped] = useState(typedFrom({}, units, usual))
    const [claims, setClaims] = useState<ClaimTyped[]>([])
    const [form, setForm] = useState<Form>('torpedo')
    const navigate = useNavigate()
    const add = useWrite(
        'POST',
        '/api/v1/species',
        {},
        {
            notice: (sheet) => messages.species.added({ name: sheet.species.common_name }),
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
            act={messages.species.save}
            isSaving={add.isSaving}
            error={errorAtFoot(add)}
            onCancel={onDone}
            onSave={() =>
                add.save({
                    description: claimsFrom(describedFrom({}, typed, units, usual), claims, units),
                    form,
                })
            }
        >
            <ChoiceField
                label={messages.species.form}
                options={optionsOf(FORMS)}
                value={form}
                onChange={(value) => setForm(value as Form)}
            />
            <Values
                typed={typed}
                onType={setTyped}
                claims={claims}
                onClaims={setClaims}
                error={add.fieldError}
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
    return isMarked ? messages.species.marked : error
}

const MARKED = new Set([
    'adult_size_claims',
    ...valueGroups('metric').flatMap((group) => group.fields.flatMap((one) => [one.field, fieldName(one)])),
])

const FORMS: Record<Form, string> = messages.species.forms

interface ValuesProps {
    typed: Record<string, string>
    onType: (typed: Record<string, string>) => void
    claims: ClaimTyped[]
    onClaims: (claims: ClaimTyped[]) => void
    error: (field: string) => string | undefined
}

function Values({ typed, onType, claims, onClaims, error }: ValuesProps) {
    const { unit_system: units } = useKeeper()
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
                                value={typed[fieldName(one)] ?? ''}
                                onChange={(value) => onType({ ...typed, [fieldName(one)]: value })}
                                error={error(fieldName(one)) ?? error(one.field)}
                            />
                        ))}
                    </Box>
                </chakra.fieldset>
            ))}
            <ClaimsField claims={claims} onChange={onClaims} error={error('adult_size_claims')} />
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
