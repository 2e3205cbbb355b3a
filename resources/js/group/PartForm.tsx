import { useForm } from 'react-hook-form'
import { write } from '../api/client'
import type { FishRow } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'
import { groupWords as words } from '../messages/group'

interface Values {
    count: string
    name: string
    sex: '' | 'male' | 'female'
    size: string
}

const { Text, Choice } = fieldsOf<Values>()

/** One of a shoal, or some, get a name and a sheet of their own. */
export function PartForm({ fish, onDone }: { fish: FishRow; onDone: () => void }) {
    const form = useForm<Values>({ defaultValues: { count: '1', name: '', sex: '', size: '' } })
    const part = useWrite(
        'POST',
        '/api/v1/fish/{fish}/parts',
        { fish: fish.id },
        {
            notice: (_, { count }) => words.parted({ n: count, name: fish.name }),
            undo: ({ id }) => write('DELETE', '/api/v1/fish/{fish}/parting', { fish: id }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={part}
            act={words.partSave}
            onCancel={onDone}
            onSave={({ count, name, sex, size }) =>
                part.save({
                    count: Number(count),
                    name: name === '' ? null : name,
                    sex: sex === '' ? null : sex,
                    size: size === '' ? null : size,
                })
            }
        >
            <p>{words.partHelp}</p>
            <Text name="count" label={words.count} inputMode="numeric" />
            <Text name="name" label={words.name} help={words.nameHelp} />
            {fish.sizes.length > 0 && <WhichSize sizes={fish.sizes} />}
            <Choice name="sex" label={words.sex} options={optionsOf(messages.fish.sexes)} />
        </FieldForm>
    )
}

function WhichSize({ sizes }: { sizes: readonly string[] }) {
    return (
        <Choice
            name="size"
            label={words.which}
            options={[{ value: '', text: words.any }, ...sizes.map((size) => ({ value: size, text: size }))]}
        />
    )
}
