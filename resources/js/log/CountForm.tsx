import { useState } from 'react'
import type { CountKind, CountRequest } from '../api/types'
import { counts, words } from '../words/en'
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
    const entry = useEntry<CountRequest>({
        path: `fish/${who === '' ? 0 : who}/counts`,
        undoPath: 'counts',
        said: (body) => words.record.done.count(chosen?.name ?? '', body.number, body.kind),
        onDone,
    })
    return (
        <EntryForm
            act={words.record.saveCount}
            isSaving={entry.isSaving}
            error={entry.otherError(FIELDS)}
            onCancel={onDone}
            onSave={() => entry.save({ number: seen.trim() === '' ? NaN : Number(seen), kind, date })}
        >
            <ChoiceField
                label={words.record.shoal}
                placeholder={words.record.choose}
                options={fishOptions(shoals)}
                value={who}
                onChange={setWho}
            />
            <TextField
                label={words.record.number}
                inputMode="numeric"
                value={seen}
                onChange={setSeen}
                error={entry.fieldError('number')}
            />
            <ChoiceField
                label={words.record.sure}
                options={optionsOf(counts)}
                value={kind}
                onChange={(value) => setKind(value as CountKind)}
                error={entry.fieldError('kind')}
            />
            <TextField
                label={words.record.day}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
        </EntryForm>
    )
}
