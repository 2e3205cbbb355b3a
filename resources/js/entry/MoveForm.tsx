import { chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { write } from '../api/client'
import { entryWords } from '../messages/entry'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { systemsQuery } from '../api/queries'
import { EntryForm } from './EntryForm'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { ChoiceField, TextField } from './fields'
import { useEntry } from './useEntry'

const FIELDS = ['to', 'to_system_id', 'date']

/** @param props.toSystem the id of the home to begin with, else the next one that would take it */
export function MoveForm({ all, fish, today, onDone, toSystem }: EntryProps & { toSystem?: string }) {
    const systems = useQuery(systemsQuery).data ?? []
    const [who, setWho] = useState(fish === undefined ? '' : String(fish.id))
    const chosen = fishById(all, who)
    const [to, setTo] = useState(toSystem ?? (fish?.next == null ? '' : String(fish.next.system_id)))
    const [date, setDate] = useState(today)
    const entry = useEntry(
        '/api/v1/fish/{fish}/moves',
        { fish: Number(who) },
        {
            undo: (recorded) => write('DELETE', '/api/v1/moves/{move}', { move: recorded.id }),
            notice: (body) =>
                entryWords.done.move({
                    name: chosen?.name ?? '',
                    to: systems.find((one) => one.id === body.to_system_id)?.name ?? '',
                }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={entryWords.saveMove}
            isSaving={entry.isSaving}
            error={entry.otherError(FIELDS)}
            onCancel={onDone}
            onSave={() => entry.save({ to_system_id: Number(to), date })}
        >
            <p>{entryWords.moveHelp}</p>
            <chakra.p>
                <Link
                    to="/moves"
                    search={chosen === undefined ? { plan: true } : { plan: true, fish: chosen.id }}
                >
                    {entryWords.planMove}
                </Link>
            </chakra.p>
            <ChoiceField
                label={entryWords.fish}
                placeholder={entryWords.choose}
                options={fishOptions(all)}
                value={who}
                onChange={setWho}
            />
            <ChoiceField
                label={entryWords.to}
                placeholder={entryWords.choose}
                options={systems.map((one) => ({ value: String(one.id), text: one.name }))}
                value={to}
                onChange={setTo}
                error={entry.fieldError('to') ?? entry.fieldError('to_system_id')}
            />
            <TextField
                label={entryWords.day}
                type="date"
                max={today}
                value={date}
                onChange={setDate}
                error={entry.fieldError('date')}
            />
        </EntryForm>
    )
}
