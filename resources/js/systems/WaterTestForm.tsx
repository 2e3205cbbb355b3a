import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { Quantity, SystemSheet, WaterTestRequest } from '../api/types'
import { EntryForm } from '../log/EntryForm'
import { TextField } from '../log/fields'
import { useEntry } from '../log/useEntry'
import { quantityWords, systemWords, usualQuantities } from '../words/systems'

const said = systemWords.water
const ALL = Object.keys(quantityWords) as Quantity[]

/** What a test found; only what was measured is filled in. */
export function WaterTestForm({
    system,
    today,
    onDone,
}: {
    system: SystemSheet
    today: string
    onDone: () => void
}) {
    const [values, setValues] = useState<Partial<Record<Quantity, string>>>({})
    const [moreShown, showMore] = useState(false)
    const [date, setDate] = useState(today)
    const [note, setNote] = useState('')
    const entry = useEntry<WaterTestRequest>({
        path: `systems/${system.id}/water-tests`,
        undoPath: 'water-tests',
        said: () => said.recorded(system.name),
        onDone,
    })
    const shown = moreShown ? ALL : usualQuantities
    const body = (): WaterTestRequest => ({
        date,
        values: Object.fromEntries(Object.entries(values).filter(([, text]) => text.trim() !== '')),
        note: note === '' ? null : note,
    })
    return (
        <EntryForm
            act={systemWords.save}
            isSaving={entry.isSaving}
            error={entry.otherError(['date', ...shown])}
            onCancel={onDone}
            onSave={() => entry.save(body())}
        >
            <chakra.p color="ink2" fontSize="15px">
                {said.testHelp}
            </chakra.p>
            <Box display="grid" gridTemplateColumns="1fr 1fr" gap="12px" alignItems="start">
                {shown.map((quantity) => (
                    <TextField
                        key={quantity}
                        label={`${quantityWords[quantity].name}${quantityWords[quantity].hint === '' ? '' : `, ${quantityWords[quantity].hint}`}`}
                        inputMode="decimal"
                        value={values[quantity] ?? ''}
                        onChange={(text) => setValues({ ...values, [quantity]: text })}
                        error={entry.fieldError(quantity)}
                    />
                ))}
            </Box>
            {!moreShown && (
                <Button type="button" variant="plain" alignSelf="start" onClick={() => showMore(true)}>
                    {said.more}
                </Button>
            )}
            <TextField
                label={said.date}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
            <TextField label={said.note} value={note} onChange={setNote} error={entry.fieldError('note')} />
            {entry.problem?.question !== undefined && (
                <Button type="button" alignSelf="start" onClick={() => entry.save({ ...body(), keep: true })}>
                    {said.keep}
                </Button>
            )}
        </EntryForm>
    )
}
