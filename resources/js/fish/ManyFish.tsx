import { Box, chakra, Field, Table, Textarea } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo, useState } from 'react'
import { Refused } from '../api/refused'
import type { CheckedTable, FishTableRequest } from '../api/types'
import { useKeeper, useUnit } from '../frame/keeper'
import { EntryForm } from '../entry/EntryForm'
import { ChoiceField, optionsOf } from '../entry/fields'
import { messages } from '../messages'
import { addFishWords } from '../messages/addFish'
import { shortDay } from '../units/day'
import { measured } from '../units/length'
import { previewTable, useFishTable } from './useFishTable'

type Order = NonNullable<FishTableRequest['date_order']>
type Method = NonNullable<FishTableRequest['method']>

/** A table to type or to paste, read row by row; what cannot be taken stays to be mended. */
export function ManyFish() {
    const [text, setText] = useState('')
    const [method, setMethod] = useState<Method>('ruler')
    const [order, setOrder] = useState<Order | undefined>(undefined)
    const [left, setLeft] = useState(0)
    const { table, preview } = useTablePreview(text, method, order)
    const checked = text.trim() === '' ? undefined : preview.data
    const add = useFishTable({
        notice: ({ fish, lengths }) => addFishWords.savedMany({ fish: fish.length, lengths: lengths.length }),
        onDone: ({ left: lines }) => {
            const all = text.split(/\r?\n/)
            const headings = checked?.rows[0]?.line === 1 ? [] : all.slice(0, 1)
            setText(
                lines.length === 0
                    ? ''
                    : [...headings, ...lines.map((line) => all[line - 1] ?? '')].join('\n'),
            )
            setLeft(lines.length)
        },
    })
    const refused =
        text.trim() !== '' && preview.error instanceof Refused ? preview.error.fieldError('text') : undefined
    return (
        <EntryForm
            act={addFishWords.addGood({ n: checked?.good ?? 0 })}
            isSaving={add.isSaving}
            error={add.error}
            onSave={() => add.save(table)}
        >
            <Field.Root invalid={refused !== undefined}>
                <Field.Label>{addFishWords.text}</Field.Label>
                <Textarea
                    rows={8}
                    value={text}
                    onChange={(event) => {
                        setText(event.target.value)
                        setLeft(0)
                    }}
                    border="1.6px solid"
                    borderColor="edge"
                    borderRadius="3px"
                    background="fresh"
                    color="ink"
                    padding="8px 12px"
                    width="100%"
                    fontFamily="mono"
                    fontSize="text"
                    whiteSpace="pre"
                    overflowX="auto"
                />
                <Field.HelperText>{addFishWords.textHelp}</Field.HelperText>
                <Field.ErrorText role="alert">{refused}</Field.ErrorText>
            </Field.Root>
            {left > 0 && <p role="status">{addFishWords.left({ n: left })}</p>}
            <Box display="flex" gap="12px" flexWrap="wrap">
                <ChoiceField
                    label={addFishWords.method}
                    options={optionsOf(messages.labels.methods)}
                    value={method}
                    onChange={(value) => setMethod(value as Method)}
                />
                {checked?.is_order_told === false && text.includes('/') && (
                    <ChoiceField
                        label={addFishWords.dates}
                        options={optionsOf(addFishWords.orders)}
                        value={order ?? checked.date_order}
                        onChange={(value) => setOrder(value as Order)}
                    />
                )}
            </Box>
            {checked !== undefined && refused === undefined && <Checked table={checked} />}
        </EntryForm>
    )
}

/** Asked while it is typed. */
function useTablePreview(text: string, method: Method, order: Order | undefined) {
    const table = useMemo(
        (): FishTableRequest => ({ text, rows: null, method, date_order: order ?? null }),
        [text, method, order],
    )
    const asked = useDeferredValue(table)
    const preview = useQuery({
        queryKey: ['preview', 'fish-table', asked],
        queryFn: () => previewTable(asked),
        enabled: (asked.text ?? '').trim() !== '',
        placeholderData: keepPreviousData,
        retry: false,
    })
    return { table, preview }
}

const SHOWN = 100

function Checked({ table }: { table: CheckedTable }) {
    const unit = useUnit()
    const { today } = useKeeper()
    const columns = addFishWords.columns
    const bad = table.rows.length - table.good
    return (
        <Box>
            <chakra.p fontWeight={700} role="status">
                {addFishWords.checked({ good: table.good, all: table.rows.length, bad })}
            </chakra.p>
            <Table.Root>
                <Table.Header>
                    <Table.Row>
                        <Table.ColumnHeader>{columns.line}</Table.ColumnHeader>
                        <Table.ColumnHeader>{columns.name}</Table.ColumnHeader>
                        <Table.ColumnHeader>{columns.read}</Table.ColumnHeader>
                        <Table.ColumnHeader>{columns.mend}</Table.ColumnHeader>
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {[...table.rows]
                        .sort((a, b) => Number(isGood(a)) - Number(isGood(b)) || a.line - b.line)
                        .slice(0, SHOWN)
                        .map((row) => (
                            <Table.Row key={row.line}>
                                <Table.Cell>{row.line}</Table.Cell>
                                <Table.Cell>{row.typed.name}</Table.Cell>
                                <Table.Cell>
                                    {[
                                        addFishWords.brings[row.brings],
                                        row.date === null ? undefined : shortDay(row.date, today),
                                        row.length_mm === null ? undefined : measured(row.length_mm, unit),
                                    ]
                                        .filter((part) => part !== undefined)
                                        .join(', ')}
                                </Table.Cell>
                                <Table.Cell color={isGood(row) ? 'ink2' : 'alarm'}>
                                    {[...Object.values(row.errors), ...row.doubts].join(' ')}
                                </Table.Cell>
                            </Table.Row>
                        ))}
                </Table.Body>
            </Table.Root>
        </Box>
    )
}

const isGood = (row: CheckedTable['rows'][number]): boolean => Object.keys(row.errors).length === 0
