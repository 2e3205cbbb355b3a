import { useForm } from 'react-hook-form'
import { write } from '../api/client'
import type { Act, Harm } from '../api/types'
import { messages } from '../messages'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { FieldForm, fieldsOf } from './FieldForm'
import { optionsOf } from './fields'
import { useEntry } from './useEntry'

interface Values {
    actor_id: string
    target_id: string
    act: Act
    harm: Harm
    date: string
    time: string
}

const { Text, Choice } = fieldsOf<Values>()

export function IncidentForm({ all, fish, today, onDone }: EntryProps) {
    const form = useForm<Values>({
        defaultValues: {
            actor_id: fish === undefined ? '' : String(fish.id),
            target_id: '',
            act: 'chased',
            harm: 'none',
            date: today,
            time: '',
        },
    })
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
    const someone = { placeholder: messages.log.choose, options: fishOptions(all) }
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={messages.log.saveIncident}
            onCancel={onDone}
            onSave={(typed) =>
                entry.save({
                    ...typed,
                    actor_id: Number(typed.actor_id),
                    target_id: Number(typed.target_id),
                    time: typed.time === '' ? null : typed.time,
                })
            }
        >
            <Choice name="actor_id" label={messages.log.actor} {...someone} />
            <Choice name="act" label={messages.log.act} options={optionsOf(messages.labels.acts)} />
            <Choice name="target_id" label={messages.log.target} {...someone} />
            <Choice name="harm" label={messages.log.harm} options={optionsOf(messages.labels.harms)} />
            <Text name="date" label={messages.log.day} type="date" max={today} />
            <Text name="time" label={messages.log.time} type="time" />
        </FieldForm>
    )
}
