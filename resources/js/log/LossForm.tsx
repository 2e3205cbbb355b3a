import { useState } from 'react'
import type { LossKind, LossRequest } from '../api/types'
import { losses, words } from '../words/en'
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
    const entry = useEntry<LossRequest>({
        path: `fish/${who === '' ? 0 : who}/losses`,
        undoPath: 'losses',
        said: (body) => words.record.done.loss(chosen?.name ?? '', body.kind),
        onDone,
    })
    return (
        <EntryForm
            act={words.record.saveLoss}
            isSaving={entry.isSaving}
            error={entry.otherError(FIELDS)}
            onCancel={onDone}
            onSave={() =>
                entry.save({ kind, date, count: Number(count), cause: cause === '' ? null : cause })
            }
        >
            <ChoiceField
                label={words.record.fish}
                placeholder={words.record.choose}
                options={fishOptions(all)}
                value={who}
                onChange={setWho}
            />
            <ChoiceField
                label={words.record.how}
                options={optionsOf(losses)}
                value={kind}
                onChange={(value) => setKind(value as LossKind)}
                error={entry.fieldError('kind')}
                help={words.record.lossHelp}
            />
            {chosen?.is_shoal === true && (
                <TextField
                    label={words.record.lost}
                    inputMode="numeric"
                    value={count}
                    onChange={setCount}
                    error={entry.fieldError('count')}
                />
            )}
            <TextField
                label={words.record.day}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
            <TextField
                label={words.record.cause}
                value={cause}
                onChange={setCause}
                error={entry.fieldError('cause')}
            />
        </EntryForm>
    )
}
