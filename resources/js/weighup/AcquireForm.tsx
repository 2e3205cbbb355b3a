import { write } from '../api/client'
import { messages } from '../messages'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import { systemsQuery } from '../api/queries'
import type { AcquireRequest, SpeciesRow, Method, Weighed } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { useEntry } from '../log/useEntry'
import type { CandidateTyped } from './candidate'

interface Props {
    species: SpeciesRow
    typed: CandidateTyped
    weighed: Weighed
    onDone: () => void
}

const FIELDS = [
    'name',
    'system_id',
    'date',
    'length',
    'origin',
    'fallback',
    'price',
    'count',
    'arrival_note',
    'species_id',
]

/** The candidate becomes a fish here, with the plan that was just weighed. */
export function AcquireForm({ species, typed, weighed, onDone }: Props) {
    const { today } = useKeeper()
    const navigate = useNavigate()
    const systems = useQuery(systemsQuery).data ?? []
    const [name, setName] = useState('')
    const [home, setHome] = useState(
        String(weighed.quarantine_system_id ?? weighed.chain.stays[0]?.system_id ?? ''),
    )
    const [date, setDate] = useState(today)
    const [length, setLength] = useState(typed.length)
    const [method, setMethod] = useState<Method>('eye')
    const [origin, setOrigin] = useState('')
    const [purpose, setPurpose] = useState('display')
    const [fallback, setFallback] = useState(typed.fallback)
    const [note, setNote] = useState('')
    const entry = useEntry(
        '/api/v1/fish',
        {},
        {
            undo: (recorded) => write('DELETE', '/api/v1/fish/{fish}', { fish: recorded.id }),
            notice: (body) =>
                messages.weighUp.arrived({
                    name: body.name,
                    home: systems.find((one) => one.id === body.system_id)?.name ?? '',
                }),
            onDone: () => {
                onDone()
                void navigate({ to: '/fish' })
            },
        },
    )
    const filled = (text: string): string | null => (text.trim() === '' ? null : text)
    return (
        <EntryForm
            act={messages.weighUp.save}
            isSaving={entry.isSaving}
            error={entry.otherError(FIELDS)}
            onCancel={onDone}
            onSave={() =>
                entry.save({
                    name,
                    species_id: species.id,
                    count: Number(typed.count) || 1,
                    system_id: Number(home),
                    date,
                    length: filled(length),
                    method,
                    origin: origin === '' ? null : (origin as AcquireRequest['origin']),
                    purpose: purpose as AcquireRequest['purpose'],
                    fallback: filled(fallback),
                    price: typed.price.trim() === '' ? null : Number(typed.price),
                    arrival_note: filled(note),
                })
            }
        >
            <TextField
                label={messages.weighUp.name}
                help={messages.weighUp.nameHelp}
                value={name}
                onChange={setName}
                error={entry.fieldError('name')}
            />
            <ChoiceField
                label={messages.weighUp.home}
                options={systems.map((one) => ({ value: String(one.id), text: one.name }))}
                value={home}
                onChange={setHome}
                error={entry.fieldError('system_id')}
                placeholder="–"
            />
            <TextField
                label={messages.weighUp.day}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
            <TextField
                label={messages.weighUp.length}
                value={length}
                onChange={setLength}
                error={entry.fieldError('length')}
            />
            <ChoiceField
                label={messages.weighUp.method}
                options={optionsOf(messages.labels.methods)}
                value={method}
                onChange={(value) => setMethod(value as Method)}
            />
            <ChoiceField
                label={messages.weighUp.origin}
                options={optionsOf(messages.weighUp.origins)}
                value={origin}
                onChange={setOrigin}
                error={entry.fieldError('origin')}
            />
            <ChoiceField
                label={messages.weighUp.purpose}
                options={optionsOf(messages.weighUp.purposes)}
                value={purpose}
                onChange={setPurpose}
            />
            <TextField
                label={messages.weighUp.fallback}
                value={fallback}
                onChange={setFallback}
                error={entry.fieldError('fallback')}
            />
            <TextField
                label={messages.weighUp.note}
                value={note}
                onChange={setNote}
                error={entry.fieldError('arrival_note')}
            />
        </EntryForm>
    )
}
