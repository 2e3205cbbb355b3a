import { useQuery } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { todayQuery } from '../api/queries'
import type { CountKind } from '../api/types'
import { messages } from '../messages'
import { entryWords } from '../messages/entry'
import { lossWords } from '../messages/losses'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { FieldForm, fieldsOf } from './FieldForm'
import { optionsOf } from './fields'
import { useEntry } from './useEntry'

interface Values {
    fish_id: string
    number: string
    kind: CountKind
    /** Of an estimate; '': not said. */
    give_or_take: string
    date: string
}

const { Text, Choice } = fieldsOf<Values>()

export function CountForm({ all, fish, today, onDone }: EntryProps) {
    const shoals = all.filter((one) => one.is_shoal)
    const due = useQuery(todayQuery).data?.due.find(({ kind }) => kind === 'count')
    const first =
        fish?.is_shoal === true
            ? fish.id
            : (due?.fish_id ?? (shoals.length === 1 ? shoals[0]?.id : undefined))
    const form = useForm<Values>({
        defaultValues: {
            fish_id: first === undefined ? '' : String(first),
            number: '',
            kind: 'at-least',
            give_or_take: '',
            date: today,
        },
    })
    const [who, kind] = useWatch({ control: form.control, name: ['fish_id', 'kind'] })
    const chosen = fishById(all, who)
    const entry = useEntry(
        '/api/v1/fish/{fish}/counts',
        { fish: Number(who) },
        {
            undo: (recorded) => write('DELETE', '/api/v1/counts/{count}', { count: recorded.id }),
            notice: (body) =>
                entryWords.done.count({
                    name: chosen?.name ?? '',
                    n: body.number,
                    how: messages.labels.counts[body.kind],
                }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={entryWords.saveCount}
            onCancel={onDone}
            onSave={({ number, give_or_take, ...typed }) =>
                entry.save({
                    ...typed,
                    number: number.trim() === '' ? NaN : Number(number),
                    give_or_take: give_or_take.trim() === '' ? null : Number(give_or_take),
                })
            }
        >
            <Choice
                name="fish_id"
                label={entryWords.shoal}
                placeholder={entryWords.choose}
                options={fishOptions(shoals)}
            />
            <Text name="number" label={entryWords.number} inputMode="numeric" />
            <Choice name="kind" label={entryWords.sure} options={optionsOf(messages.labels.counts)} />
            {kind === 'estimate' && (
                <Text name="give_or_take" label={lossWords.counts.giveOrTake} inputMode="numeric" />
            )}
            <Text name="date" label={entryWords.day} type="date" max={today} />
        </FieldForm>
    )
}
