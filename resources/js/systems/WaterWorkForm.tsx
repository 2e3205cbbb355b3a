import { write } from '../api/client'
import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { useState } from 'react'
import type { SystemSheet, WaterWorkRequest } from '../api/types'
import { EntryForm } from '../entry/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { useEntry } from '../entry/useEntry'

/** A water change, or something done to the filter. */
export function WaterWorkForm({
    system,
    today,
    onDone,
}: {
    system: SystemSheet
    today: string
    onDone: () => void
}) {
    const [kind, setKind] = useState<WaterWorkRequest['kind']>('water-change')
    const [percent, setPercent] = useState(String(Math.round(system.water.weekly_change * 100)))
    const [date, setDate] = useState(today)
    const entry = useEntry(
        '/api/v1/systems/{system}/water-works',
        { system: system.id },
        {
            undo: (recorded) => write('DELETE', '/api/v1/water-works/{work}', { work: recorded.id }),
            notice: () => systemsWords.water.done,
            onDone,
        },
    )
    return (
        <EntryForm
            act={systemsWords.save}
            isSaving={entry.isSaving}
            error={entry.otherError(['kind', 'percent', 'date'])}
            onCancel={onDone}
            onSave={() =>
                entry.save({ kind, date, percent: kind === 'water-change' ? Number(percent) : null })
            }
        >
            <ChoiceField
                label={systemsWords.water.workTitle}
                options={optionsOf(messages.labels.works)}
                value={kind}
                onChange={(value) => setKind(value as WaterWorkRequest['kind'])}
                error={entry.fieldError('kind')}
            />
            {kind === 'water-change' && (
                <TextField
                    label={systemsWords.water.percent}
                    inputMode="numeric"
                    value={percent}
                    onChange={setPercent}
                    error={entry.fieldError('percent')}
                />
            )}
            <TextField
                label={systemsWords.water.date}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
        </EntryForm>
    )
}
