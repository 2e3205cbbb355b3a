import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import type { CountKind } from '../api/types'
import { messages } from '../messages'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { FieldForm, fieldsOf } from './FieldForm'
import { optionsOf } from './fields'
import { useEntry } from './useEntry'

interface Values {
    fish_id: string
    number: string
    kind: CountKind
    date: string
}

const { Text, Choice } = fieldsOf<Values>()

export function CountForm({ all, fish, today, onDone }: EntryProps) {
    const form = useForm<Values>({
        defaultValues: {
            fish_id: fish?.is_shoal === true ? String(fish.id) : '',
            number: '',
            kind: 'at-least',
            date: today,
        },
    })
    const who = useWatch({ control: form.control, name: 'fish_id' })
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
        <FieldForm
            form={form}
            entry={entry}
            act={messages.log.saveCount}
            onCancel={onDone}
            onSave={({ number, kind, date }) =>
                entry.save({ number: number.trim() === '' ? NaN : Number(number), kind, date })
            }
        >
            <Choice
                name="fish_id"
                label={messages.log.shoal}
                placeholder={messages.log.choose}
                options={fishOptions(all.filter((one) => one.is_shoal))}
            />
            <Text name="number" label={messages.log.number} inputMode="numeric" />
            <Choice name="kind" label={messages.log.sure} options={optionsOf(messages.labels.counts)} />
            <Text name="date" label={messages.log.day} type="date" max={today} />
        </FieldForm>
    )
}
