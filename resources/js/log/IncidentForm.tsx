import { write } from '../api/client'
import { messages } from '../messages'
import { useState } from 'react'
import type { Act, Harm } from '../api/types'
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
    const entry = useEntry(
        '/api/v1/incidents',
        {},
        {
            undo: (recorded) => write('DELETE', '/api/v1/incidents/{incident}', { incident: recorded.id }),
            notice: (body) =>
                messages.log.done.incident({
                    actor: nameOf(body.actor_id),
                    target: nameOf(body.target_id),
                    act: messages.labels.acts[body.act],
                }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={messages.log.saveIncident}
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
                label={messages.log.actor}
                placeholder={messages.log.choose}
                options={fishOptions(all)}
                value={actor}
                onChange={setActor}
                error={entry.fieldError('actor_id')}
            />
            <ChoiceField
                label={messages.log.act}
                options={optionsOf(messages.labels.acts)}
                value={act}
                onChange={(value) => setAct(value as Act)}
            />
            <ChoiceField
                label={messages.log.target}
                placeholder={messages.log.choose}
                options={fishOptions(all)}
                value={target}
                onChange={setTarget}
                error={entry.fieldError('target_id') ?? entry.fieldError('target')}
            />
            <ChoiceField
                label={messages.log.harm}
                options={optionsOf(messages.labels.harms)}
                value={harm}
                onChange={(value) => setHarm(value as Harm)}
            />
            <TextField
                label={messages.log.day}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
            <TextField
                label={messages.log.time}
                type="time"
                value={time}
                onChange={setTime}
                error={entry.fieldError('time')}
            />
        </EntryForm>
    )
}
