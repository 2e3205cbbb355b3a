import { write } from '../api/client'
import { messages } from '../messages'
import { movesWords } from '../messages/moves'
import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { treatmentProductsQuery } from '../api/queries'
import type { ProductClass } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { CheckField } from '../entry/CheckField'
import { EntryForm } from '../entry/EntryForm'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf, TextField } from '../entry/fields'
import { timeNow } from '../entry/timeNow'
import { useEntry } from '../entry/useEntry'

/** What was seen of a fish today. */
export function LookForm({ fish, name, onDone }: { fish: number; name: string; onDone: () => void }) {
    const { today } = useKeeper()
    const [eats, setEats] = useState(false)
    const [sign, setSign] = useState('')
    const [date, setDate] = useState(today)
    const [time, setTime] = useState(timeNow)
    const entry = useEntry(
        '/api/v1/fish/{fish}/health-observations',
        { fish },
        {
            undo: (recorded) =>
                write('DELETE', '/api/v1/health-observations/{observation}', { observation: recorded.id }),
            notice: () => movesWords.quarantine.looked({ name }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={movesWords.quarantine.look}
            isSaving={entry.isSaving}
            error={entry.otherError(['sign', 'date', 'time'])}
            onCancel={onDone}
            onSave={() =>
                entry.save({
                    date,
                    time: time === '' ? null : time,
                    is_eating: eats,
                    sign: sign === '' ? null : sign,
                })
            }
        >
            <CheckField label={movesWords.quarantine.eats} checked={eats} onChange={setEats} />
            <TextField
                label={movesWords.quarantine.sign}
                value={sign}
                onChange={setSign}
                error={entry.fieldError('sign')}
            />
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <TextField
                    label={movesWords.quarantine.day}
                    type="date"
                    max={today}
                    value={date}
                    onChange={setDate}
                    error={entry.fieldError('date')}
                />
                <TextField
                    label={movesWords.quarantine.time}
                    type="time"
                    value={time}
                    onChange={setTime}
                    error={entry.fieldError('time')}
                />
            </Box>
        </EntryForm>
    )
}

interface TreatmentTyped {
    product_class: ProductClass
    dose: string
    date: string
    until: string
    withdrawal: string
}

const { Text, Choice } = fieldsOf<TreatmentTyped>()

/** A treatment, in quarantine or in any other stay. */
export function TreatmentForm({ fish, onDone }: { fish: number; onDone: () => void }) {
    const { today } = useKeeper()
    const form = useForm<TreatmentTyped>({
        defaultValues: {
            product_class: 'antiparasitic',
            dose: '',
            date: today,
            until: today,
            withdrawal: '',
        },
    })
    const product = useWatch({ control: form.control, name: 'product_class' })
    const caution =
        useQuery(treatmentProductsQuery).data?.find(({ product_class }) => product_class === product)
            ?.caution ?? ''
    const entry = useEntry(
        '/api/v1/fish/{fish}/treatments',
        { fish },
        {
            undo: (recorded) => write('DELETE', '/api/v1/treatments/{treatment}', { treatment: recorded.id }),
            notice: () => movesWords.quarantine.treated,
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={movesWords.quarantine.treat}
            onCancel={onDone}
            onSave={({ dose, withdrawal, ...typed }) =>
                entry.save({
                    ...typed,
                    dose: dose === '' ? null : dose,
                    withdrawal: withdrawal === '' ? null : withdrawal,
                })
            }
        >
            <Choice
                name="product_class"
                label={movesWords.quarantine.product}
                options={optionsOf(messages.labels.products)}
            />
            {caution !== '' && (
                <chakra.p color="over" fontWeight={600}>
                    {caution}
                </chakra.p>
            )}
            <Text name="dose" label={movesWords.quarantine.dose} />
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <Text name="date" label={movesWords.quarantine.first} type="date" />
                <Text name="until" label={movesWords.quarantine.last} type="date" />
                <Text name="withdrawal" label={movesWords.quarantine.withdrawal} type="date" />
            </Box>
            <chakra.p color="ink2" fontSize="note">
                {movesWords.quarantine.help}
            </chakra.p>
        </FieldForm>
    )
}
