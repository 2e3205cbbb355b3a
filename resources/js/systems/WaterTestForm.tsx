import { write } from '../api/client'
import { useKeeper } from '../frame/keeper'
import { quantityLabel } from './quantityLabel'
import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { usualQuantities } from './usualQuantities'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { Quantity, SystemSheet, WaterTestRequest } from '../api/types'
import { EntryForm } from '../entry/EntryForm'
import { TextField } from '../entry/fields'
import { useEntry } from '../entry/useEntry'
import { useIsAsked } from '../entry/useIsAsked'
const ALL = Object.keys(messages.labels.quantities) as Quantity[]

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
    const { units } = useKeeper()
    const [moreShown, showMore] = useState(false)
    const [date, setDate] = useState(today)
    const [note, setNote] = useState('')
    const entry = useEntry(
        '/api/v1/systems/{system}/water-tests',
        { system: system.id },
        {
            undo: (recorded) => write('DELETE', '/api/v1/water-tests/{test}', { test: recorded.id }),
            notice: () => systemsWords.water.recorded({ name: system.name }),
            onDone,
        },
    )
    const shown = moreShown ? ALL : usualQuantities
    const body = (): WaterTestRequest => ({
        date,
        values: Object.fromEntries(Object.entries(values).filter(([, text]) => text.trim() !== '')),
        note: note === '' ? null : note,
    })
    const isAsked = useIsAsked(body(), entry)
    return (
        <EntryForm
            act={systemsWords.save}
            isSaving={entry.isSaving}
            error={entry.otherError(['date', ...shown])}
            onCancel={onDone}
            onSave={() => entry.save(body())}
        >
            <chakra.p color="ink2" fontSize="note">
                {systemsWords.water.testHelp}
            </chakra.p>
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                {shown.map((quantity) => (
                    <TextField
                        key={quantity}
                        label={quantityLabel(quantity, units)}
                        inputMode="decimal"
                        value={values[quantity] ?? ''}
                        onChange={(text) => setValues({ ...values, [quantity]: text })}
                        error={entry.fieldError(quantity)}
                    />
                ))}
            </Box>
            {!moreShown && (
                <Button type="button" variant="plain" alignSelf="start" onClick={() => showMore(true)}>
                    {systemsWords.water.more}
                </Button>
            )}
            <TextField
                label={systemsWords.water.date}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
            <TextField
                label={systemsWords.water.note}
                value={note}
                onChange={setNote}
                error={entry.fieldError('note')}
            />
            {isAsked && (
                <Button type="button" alignSelf="start" onClick={() => entry.save({ ...body(), keep: true })}>
                    {systemsWords.water.keep}
                </Button>
            )}
        </EntryForm>
    )
}
