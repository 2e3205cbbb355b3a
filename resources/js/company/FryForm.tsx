import { useQuery } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { fryQuery, systemsQuery } from '../api/queries'
import type { BroodSheet } from '../api/types'
import { Figures } from '../frame/Figures'
import { useUnit } from '../frame/keeper'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { useEntry } from '../entry/useEntry'
import { broodWords as words } from '../messages/brood'
import { shortDay } from '../units/day'
import { projected } from '../units/length'
import { percent } from '../units/share'

interface Values {
    name: string
    count: string
    length: string
    system_id: string
}

const { Text, Choice } = fieldsOf<Values>()

interface Props {
    brood: BroodSheet
    system: number
    today: string
    onDone: () => void
}

/** The young become a shoal with parents; beside it, what so many need where they are to live. */
export function FryForm({ brood, system, today, onDone }: Props) {
    const systems = useQuery(systemsQuery).data ?? []
    const form = useForm<Values>({
        defaultValues: { name: '', count: '20', length: '', system_id: String(system) },
    })
    const entry = useEntry(
        '/api/v1/broods/{brood}/fry',
        { brood: brood.id },
        {
            notice: (body) => words.kept({ name: body.name, n: body.count }),
            undo: () => write('DELETE', '/api/v1/broods/{brood}/fry', { brood: brood.id }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={({ count, system_id, ...typed }) =>
                entry.save({ ...typed, count: Number(count), system_id: Number(system_id) })
            }
        >
            <Text name="name" label={words.name} maxLength={100} />
            <Text name="count" label={words.count} inputMode="numeric" />
            <Text name="length" label={words.length} />
            <Choice
                name="system_id"
                label={words.system}
                options={systems.map(({ id, name }) => ({ value: String(id), text: name }))}
            />
            <Forecast brood={brood.id} control={form.control} today={today} />
        </FieldForm>
    )
}

function Forecast({
    brood,
    control,
    today,
}: {
    brood: number
    control: ReturnType<typeof useForm<Values>>['control']
    today: string
}) {
    const [count, system] = useWatch({ control, name: ['count', 'system_id'] })
    const unit = useUnit()
    const months = useQuery(fryQuery(brood, Number(count), Number(system))).data?.months ?? []
    if (months.length === 0) {
        return null
    }
    return (
        <>
            <b>{words.forecast}</b>
            <Figures
                columns={[words.when, words.long, words.floor, words.feed, words.filter]}
                rows={months.map((month) => [
                    shortDay(month.date, today),
                    projected(month.length_mm, unit),
                    percent(month.floor),
                    `${month.feed_g.toFixed(1)} g`,
                    month.filter_share === null ? '–' : percent(month.filter_share),
                ])}
            />
        </>
    )
}
