import { write } from '../api/client'
import { messages } from '../messages'
import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { treatmentProductsQuery } from '../api/queries'
import type { ProductClass } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { CheckField } from '../log/CheckField'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { useEntry } from '../log/useEntry'

/** What was seen of a fish today. */
export function LookForm({ fish, name, onDone }: { fish: number; name: string; onDone: () => void }) {
    const { today } = useKeeper()
    const [eats, setEats] = useState(false)
    const [sign, setSign] = useState('')
    const entry = useEntry(
        '/api/v1/fish/{fish}/health-observations',
        { fish },
        {
            undo: (recorded) =>
                write('DELETE', '/api/v1/health-observations/{observation}', { observation: recorded.id }),
            notice: () => messages.moves.quarantine.looked({ name }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={messages.moves.quarantine.look}
            isSaving={entry.isSaving}
            error={entry.otherError(['sign'])}
            onCancel={onDone}
            onSave={() => entry.save({ date: today, is_eating: eats, sign: sign === '' ? null : sign })}
        >
            <CheckField label={messages.moves.quarantine.eats} checked={eats} onChange={setEats} />
            <TextField
                label={messages.moves.quarantine.sign}
                value={sign}
                onChange={setSign}
                error={entry.fieldError('sign')}
            />
        </EntryForm>
    )
}

/** A treatment, in quarantine or in any other stay. */
export function TreatmentForm({ fish, onDone }: { fish: number; onDone: () => void }) {
    const { today } = useKeeper()
    const [product, setProduct] = useState<ProductClass>('antiparasitic')
    const caution =
        useQuery(treatmentProductsQuery).data?.find((one) => one.product_class === product)?.caution ?? ''
    const [dose, setDose] = useState('')
    const [date, setDate] = useState(today)
    const [until, setUntil] = useState(today)
    const [withdrawal, setWithdrawal] = useState('')
    const entry = useEntry(
        '/api/v1/fish/{fish}/treatments',
        { fish },
        {
            undo: (recorded) => write('DELETE', '/api/v1/treatments/{treatment}', { treatment: recorded.id }),
            notice: () => messages.moves.quarantine.treated,
            onDone,
        },
    )
    return (
        <EntryForm
            act={messages.moves.quarantine.treat}
            isSaving={entry.isSaving}
            error={entry.otherError(['date', 'until', 'withdrawal', 'dose'])}
            onCancel={onDone}
            onSave={() =>
                entry.save({
                    product_class: product,
                    dose: dose === '' ? null : dose,
                    date,
                    until,
                    withdrawal: withdrawal === '' ? null : withdrawal,
                })
            }
        >
            <ChoiceField
                label={messages.moves.quarantine.product}
                options={optionsOf(messages.labels.products)}
                value={product}
                onChange={(value) => setProduct(value as ProductClass)}
            />
            {caution !== '' && (
                <chakra.p color="over" fontWeight={600}>
                    {caution}
                </chakra.p>
            )}
            <TextField
                label={messages.moves.quarantine.dose}
                value={dose}
                onChange={setDose}
                error={entry.fieldError('dose')}
            />
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <TextField
                    label={messages.moves.quarantine.first}
                    type="date"
                    value={date}
                    onChange={setDate}
                    error={entry.fieldError('date')}
                />
                <TextField
                    label={messages.moves.quarantine.last}
                    type="date"
                    value={until}
                    onChange={setUntil}
                    error={entry.fieldError('until')}
                />
                <TextField
                    label={messages.moves.quarantine.withdrawal}
                    type="date"
                    value={withdrawal}
                    onChange={setWithdrawal}
                    error={entry.fieldError('withdrawal')}
                />
            </Box>
            <chakra.p color="ink2" fontSize="15px">
                {messages.moves.quarantine.help}
            </chakra.p>
        </EntryForm>
    )
}
