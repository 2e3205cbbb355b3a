import { write } from '../api/client'
import { messages } from '../messages'
import { useState } from 'react'
import type { CountKind } from '../api/types'
import { EntryForm } from './EntryForm'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { ChoiceField, optionsOf, TextField } from './fields'
import { useEntry } from './useEntry'

const FIELDS = ['number', 'kind', 'date']

export function CountForm({ all, fish, today, onDone }: EntryProps) {
    const shoals = all.filter((one) => one.is_shoal)
    const [who, setWho] = useState(fish?.is_shoal === true ? String(fish.id) : '')
    const [seen, setSeen] = useState('')
    const [kind, setKind] = useState<CountKind>('at-least')
    const [date, setDate] = useState(today)
    const chosen = fishById(all, who)
    const entry = useEntry(
        '/api/v1/fish/{fish}/counts',
        { fish: Number(who) },
        {
            undo: (recorded) => write('DELETE', '/api/v1/counts/{count}', { count: recorded.id }),
            notice: (body) =>
                messages.log.done.count({
                    name: chosen?.name ?? '',
                    n: body.number,
                    how: messages.labels.counts[body.kind],
                }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={messages.log.saveCount}
            isSaving={entry.isSaving}
            error={entry.otherError(FIELDS)}
            onCancel={onDone}
            onSave={() => entry.save({ number: seen.trim() === '' ? NaN : Number(seen), kind, date })}
        >
            <ChoiceField
                label={messages.log.shoal}
                placeholder={messages.log.choose}
                options={fishOptions(shoals)}
                value={who}
                onChange={setWho}
            />
            <TextField
                label={messages.log.number}
                inputMode="numeric"
                value={seen}
                onChange={setSeen}
                error={entry.fieldError('number')}
            />
            <ChoiceField
                label={messages.log.sure}
                options={optionsOf(messages.labels.counts)}
                value={kind}
                onChange={(value) => setKind(value as CountKind)}
                error={entry.fieldError('kind')}
            />
            <TextField
                label={messages.log.day}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
        </EntryForm>
    )
}
