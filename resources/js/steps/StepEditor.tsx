import { Box, Button, chakra } from '@chakra-ui/react'
import { useFieldArray, useForm, useWatch } from 'react-hook-form'
import type { ArrangementRequest } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import type { Refusals } from '../entry/FieldForm'
import { stepWords } from '../messages/steps'

/** A step as it can be arranged. */
export interface EditableStep {
    key: string
    words: string
    /** Minutes or days; null: it takes as long as it takes. */
    length: number | null
    /** Where the job has parts. */
    part?: string
    partName?: string
}

interface Row {
    /** Empty: it is new. */
    stepKey: string
    words: string
    isOwn: boolean
    length: string
    part: string
    partName: string
}

interface Values {
    rows: Row[]
    added: string
    addedPart: string
}

interface Props {
    steps: readonly EditableStep[]
    /** "min", "days" */
    unit: string
    isArranged: boolean
    entry: Refusals
    onSave: (arrangement: ArrangementRequest) => void
    onCancel: () => void
}

const { Text, Choice } = fieldsOf<Values>()

const OWN = /^own-/

/** Order, times, and steps of one's own: with buttons, so that one wet thumb can do it. */
export function StepEditor({ steps, unit, isArranged, entry, onSave, onCancel }: Props) {
    const parts = [...new Map(steps.map((step) => [step.part ?? '', step.partName ?? ''])).entries()]
    const form = useForm<Values>({
        defaultValues: {
            rows: steps.map((step) => ({
                stepKey: step.key,
                words: step.words,
                isOwn: OWN.test(step.key),
                length: step.length === null ? '' : String(step.length),
                part: step.part ?? '',
                partName: step.partName ?? '',
            })),
            added: '',
            addedPart: parts[0]?.[0] ?? '',
        },
    })
    const { fields, swap, remove, insert } = useFieldArray({ control: form.control, name: 'rows' })
    const added = useWatch({ control: form.control, name: 'added' })
    const add = (): void => {
        const part = form.getValues('addedPart')
        const partName = parts.find(([key]) => key === part)?.[1] ?? ''
        const last = form.getValues('rows').findLastIndex((row) => row.part === part)
        insert(last + 1, { stepKey: '', words: added.trim(), isOwn: true, length: '', part, partName })
        form.setValue('added', '')
    }
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={stepWords.save}
            onCancel={onCancel}
            onSave={({ rows }) => onSave({ steps: rows.map(asked) })}
        >
            <chakra.ol>
                {fields.map((row, i) => (
                    <StepRow
                        key={row.id}
                        row={row}
                        at={i}
                        unit={unit}
                        above={fields[i - 1]?.part === row.part ? () => swap(i, i - 1) : undefined}
                        below={fields[i + 1]?.part === row.part ? () => swap(i, i + 1) : undefined}
                        onRemove={() => remove(i)}
                    />
                ))}
            </chakra.ol>
            <Box display="flex" flexWrap="wrap" gap="10px" alignItems="end">
                <Box flex="1 1 220px">
                    <Text name="added" label={stepWords.own} maxLength={200} />
                </Box>
                {parts.length > 1 && (
                    <Box flex="0 1 190px">
                        <Choice
                            name="addedPart"
                            label={stepWords.part}
                            options={parts.map(([value, text]) => ({ value, text }))}
                        />
                    </Box>
                )}
                <Button disabled={added.trim() === ''} onClick={add}>
                    {stepWords.add}
                </Button>
            </Box>
            {isArranged && (
                <Button variant="plain" alignSelf="start" onClick={() => onSave({ steps: [] })}>
                    {stepWords.usual}
                </Button>
            )}
        </FieldForm>
    )
}

const asked = (row: Row) => ({
    key: row.stepKey === '' ? null : row.stepKey,
    length: row.length.trim() === '' ? null : Number(row.length.replace(',', '.')),
    ...(row.isOwn ? { words: row.words, ...(row.part === '' ? {} : { phase: row.part as never }) } : {}),
})

interface RowProps {
    row: Row
    at: number
    unit: string
    /** How it goes up; none: it is the first of its part. */
    above: (() => void) | undefined
    below: (() => void) | undefined
    onRemove: () => void
}

function StepRow({ row, at, unit, above, below, onRemove }: RowProps) {
    return (
        <chakra.li
            display="grid"
            gridTemplateColumns="minmax(0, 1fr) 92px"
            gap="6px 10px"
            alignItems="center"
            paddingBlock="8px"
            borderBottom="1px solid"
            borderColor="rule"
        >
            <Box>
                {row.partName !== '' && (
                    <Box color="ink2" fontSize="note">
                        {row.partName}
                    </Box>
                )}
                <b>{row.words}</b>
            </Box>
            <Text
                name={`rows.${at}.length`}
                refusedAs={`steps.${at}.length`}
                label={unit}
                inputMode="decimal"
            />
            <Box gridColumn="1 / -1" display="flex" gap="8px">
                <Button
                    paddingInline="14px"
                    aria-label={stepWords.up({ words: row.words })}
                    disabled={above === undefined}
                    onClick={above}
                >
                    ↑
                </Button>
                <Button
                    paddingInline="14px"
                    aria-label={stepWords.down({ words: row.words })}
                    disabled={below === undefined}
                    onClick={below}
                >
                    ↓
                </Button>
                <Button
                    variant="plain"
                    aria-label={stepWords.leaveOutStep({ words: row.words })}
                    onClick={onRemove}
                >
                    {stepWords.leaveOut}
                </Button>
            </Box>
        </chakra.li>
    )
}
