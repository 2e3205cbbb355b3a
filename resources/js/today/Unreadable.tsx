import { columnName, whatIsLeftOut } from './leftOut'
import { unreadableWords } from '../messages/unreadable'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { UnreadableRow } from '../api/types'
import { Section } from '../frame/Section'
import { TextField } from '../entry/fields'
import { useWrite } from '../entry/useWrite'

/** What is stored and cannot be read: named, and mended here. */
export function Unreadable({ rows }: { rows: readonly UnreadableRow[] }) {
    if (rows.length === 0) {
        return null
    }
    return (
        <Box borderInlineStart="6px solid" borderColor="over" paddingInlineStart="14px" marginTop="16px">
            <Section title={unreadableWords.title}>
                <chakra.p paddingBlock="8px 2px">{unreadableWords.intro}</chakra.p>
                <ul>
                    {rows.map((row) => (
                        <Row key={`${row.table} ${row.id}`} row={row} />
                    ))}
                </ul>
            </Section>
        </Box>
    )
}

function Row({ row }: { row: UnreadableRow }) {
    const [isOpen, setIsOpen] = useState(false)
    const remove = useWrite(
        'DELETE',
        '/api/v1/unreadable-rows/{table}/{row}',
        { table: row.table, row: row.id },
        {
            notice: () => unreadableWords.removed,
        },
    )
    return (
        <chakra.li borderBottom="1px solid" borderColor="rule" paddingBlock="8px">
            <Box
                display="flex"
                flexWrap="wrap"
                alignItems="center"
                justifyContent="space-between"
                gap="6px 16px"
            >
                <p>
                    {!row.is_waiting && <chakra.span fontWeight={700}>{whatIsLeftOut(row)}: </chakra.span>}
                    {row.reason}
                </p>
                {!row.is_waiting && !isOpen && (
                    <Box display="flex" gap="10px">
                        <Button onClick={() => setIsOpen(true)}>{unreadableWords.correct}</Button>
                        <Button
                            variant="plain"
                            disabled={remove.isSaving}
                            onClick={() => remove.save(undefined)}
                        >
                            {row.is_emptied ? unreadableWords.empty : unreadableWords.remove}
                        </Button>
                    </Box>
                )}
            </Box>
            {remove.error !== undefined && (
                <chakra.p role="alert" color="over">
                    {remove.error}
                </chakra.p>
            )}
            {isOpen && <Correction row={row} onClose={() => setIsOpen(false)} />}
        </chakra.li>
    )
}

function Correction({ row, onClose }: { row: UnreadableRow; onClose: () => void }) {
    const [typed, setTyped] = useState(
        Object.fromEntries(row.values.map((one) => [one.column, one.value ?? ''])),
    )
    const save = useWrite(
        'PUT',
        '/api/v1/unreadable-rows/{table}/{row}',
        { table: row.table, row: row.id },
        {
            notice: () => unreadableWords.corrected,
        },
    )
    const changed = row.values.filter((one) => typed[one.column] !== (one.value ?? ''))
    const values = Object.fromEntries(
        changed.map((one) => [one.column, typed[one.column] === '' ? null : (typed[one.column] ?? null)]),
    )
    return (
        <chakra.form
            onSubmit={(event) => {
                event.preventDefault()
                save.save({ values })
            }}
            display="grid"
            gridTemplateColumns={{ base: '1fr', md: 'repeat(3, minmax(0, 1fr))' }}
            gap="12px"
            paddingTop="10px"
            alignItems="end"
        >
            {row.values.map((one) => (
                <TextField
                    key={one.column}
                    label={columnName(one.column)}
                    value={typed[one.column] ?? ''}
                    onChange={(value) => setTyped({ ...typed, [one.column]: value })}
                />
            ))}
            {save.error !== undefined && (
                <chakra.p role="alert" color="over" gridColumn="1 / -1">
                    {save.error}
                </chakra.p>
            )}
            <Box display="flex" gap="10px" gridColumn="1 / -1">
                <Button type="submit" variant="solid" disabled={save.isSaving || changed.length === 0}>
                    {unreadableWords.save}
                </Button>
                <Button variant="plain" onClick={onClose}>
                    {unreadableWords.cancel}
                </Button>
            </Box>
        </chakra.form>
    )
}
