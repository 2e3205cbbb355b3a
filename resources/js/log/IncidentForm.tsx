import { useState } from 'react'
import type { Act, Harm, IncidentRequest } from '../api/types'
import { acts, harms, words } from '../words/en'
import { EntryForm } from './EntryForm'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { ChoiceField, optionsOf, TextField } from './fields'
import { useEntry } from './useEntry'

const FIELDS = ['actor_id', 'target_id', 'target', 'date', 'time']

export function IncidentForm({ all, fish, today, onDone }: EntryProps) {
    const [actor, setActor] = useState(fish === undefined ? '' : String(fish.id))
    const [target, setTarget] = useState('')
    const [act, setAct] = useState<Act>('chased')
    const [harm, setHarm] = useState<Harm>('none')
    const [date, setDate] = useState(today)
    const [time, setTime] = useState('')
    const nameOf = (id: number): string => fishById(all, String(id))?.name ?? ''
    const entry = useEntry<IncidentRequest>({
        path: 'incidents',
        undoPath: 'incidents',
        said: (body) => words.record.done.incident(nameOf(body.actor_id), nameOf(body.target_id), body.act),
        onDone,
    })
    return (
        <EntryForm
            act={words.record.saveIncident}
            isSaving={entry.isSaving}
            error={entry.otherError(FIELDS)}
            onCancel={onDone}
            onSave={() =>
                entry.save({
                    actor_id: Number(actor),
                    target_id: Number(target),
                    act,
                    harm,
                    date,
                    time: time === '' ? null : time,
                })
            }
        >
            <ChoiceField
                label={words.record.actor}
                placeholder={words.record.choose}
                options={fishOptions(all)}
                value={actor}
                onChange={setActor}
                error={entry.fieldError('actor_id')}
            />
            <ChoiceField
                label={words.record.act}
                options={optionsOf(acts)}
                value={act}
                onChange={(value) => setAct(value as Act)}
            />
            <ChoiceField
                label={words.record.target}
                placeholder={words.record.choose}
                options={fishOptions(all)}
                value={target}
                onChange={setTarget}
                error={entry.fieldError('target_id') ?? entry.fieldError('target')}
            />
            <ChoiceField
                label={words.record.harm}
                options={optionsOf(harms)}
                value={harm}
                onChange={(value) => setHarm(value as Harm)}
            />
            <TextField
                label={words.record.day}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
            <TextField
                label={words.record.time}
                type="time"
                value={time}
                onChange={setTime}
                error={entry.fieldError('time')}
            />
        </EntryForm>
    )
}
