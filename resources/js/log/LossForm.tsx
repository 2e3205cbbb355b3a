import { write } from '../api/client'
import { messages } from '../messages'
import { useState } from 'react'
import type { LossKind } from '../api/types'
import { EntryForm } from './EntryForm'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { ChoiceField, optionsOf, TextField } from './fields'
import { useEntry } from './useEntry'

const FIELDS = ['kind', 'date', 'count', 'cause']

export function LossForm({ all, fish, today, onDone }: EntryProps) {
    const [who, setWho] = useState(fish === undefined ? '' : String(fish.id))
    const [kind, setKind] = useState<LossKind>('death')
    const [date, setDate] = useState(today)
    const [count, setCount] = useState('1')
    const [cause, setCause] = useState('')
    const chosen = fishById(all, who)
    const entry = useEntry(
        '/api/v1/fish/{fish}/losses',
        { fish: Number(who) },
        {
            undo: (recorded) => write('DELETE', '/api/v1/losses/{loss}', { loss: recorded.id }),
            notice: (body) =>
                messages.log.done.loss({ name: chosen?.name ?? '', how: messages.labels.losses[body.kind] }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={messages.log.saveLoss}
            isSaving={entry.isSaving}
            error={entry.otherError(FIELDS)}
            onCancel={onDone}
            onSave={() =>
                entry.save({ kind, date, count: Number(count), cause: cause === '' ? null : cause })
            }
        >
            <ChoiceField
                label={messages.log.fish}
                placeholder={messages.log.choose}
                options={fishOptions(all)}
                value={who}
                onChange={setWho}
            />
            <ChoiceField
                label={messages.log.how}
                options={optionsOf(messages.labels.losses)}
                value={kind}
                onChange={(value) => setKind(value as LossKind)}
                error={entry.fieldError('kind')}
                help={messages.log.lossHelp}
            />
            {chosen?.is_shoal === true && (
                <TextField
                    label={messages.log.lost}
                    inputMode="numeric"
                    value={count}
                    onChange={setCount}
                    error={entry.fieldError('count')}
                />
            )}
            <TextField
                label={messages.log.day}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
            <TextField
                label={messages.log.cause}
                value={cause}
                onChange={setCause}
                error={entry.fieldError('cause')}
            />
        </EntryForm>
    )
}
