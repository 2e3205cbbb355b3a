import { useForm } from 'react-hook-form'
import type { CultureRow, FoodRow } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { foodWords } from '../messages/food'
import { typedNumber } from './amounts'

const words = foodWords.culture

interface Values {
    name: string
    kind: CultureRow['kind']
    food_id: string
    started_on: string
    seed: string
    room: string
    tanks: string
    quarantine_until: string
    ended_on: string
}

const { Text, Choice } = fieldsOf<Values>()

interface Props {
    culture: CultureRow | 'new' | null
    foods: readonly FoodRow[]
    onClose: () => void
}

const EMPTY: Values = {
    name: '',
    kind: 'snails',
    food_id: '',
    started_on: '',
    seed: '',
    room: '',
    tanks: '1',
    quarantine_until: '',
    ended_on: '',
}

const typedOf = (culture: CultureRow): Values => ({
    name: culture.name,
    kind: culture.kind,
    food_id: String(culture.food_id),
    started_on: culture.started_on,
    seed: String(culture.seed),
    room: String(culture.room),
    tanks: String(culture.tanks),
    quarantine_until: culture.quarantine_until ?? '',
    ended_on: '',
})

/** A culture, new or changed. */
export function CultureDialog({ culture, foods, onClose }: Props) {
    const title =
        culture === null ? '' : culture === 'new' ? words.title : words.change({ name: culture.name })
    return (
        <PaperDialog title={title} open={culture !== null} onClose={onClose}>
            {culture !== null && (
                <Form culture={culture === 'new' ? null : culture} foods={foods} onDone={onClose} />
            )}
        </PaperDialog>
    )
}

function Form({
    culture,
    foods,
    onDone,
}: {
    culture: CultureRow | null
    foods: readonly FoodRow[]
    onDone: () => void
}) {
    const { today } = useKeeper()
    const form = useForm<Values>({
        defaultValues: culture === null ? { ...EMPTY, started_on: today } : typedOf(culture),
    })
    const add = useWrite(
        'POST',
        '/api/v1/cultures',
        {},
        { notice: (_, { name }) => words.added({ name }), onDone },
    )
    const change = useWrite(
        'PUT',
        '/api/v1/cultures/{culture}',
        { culture: culture?.id ?? 0 },
        { notice: (_, { name }) => words.changed({ name }), onDone },
    )
    const entry = culture === null ? add : change
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={(typed) =>
                entry.save({
                    ...typed,
                    food_id: Number(typed.food_id),
                    seed: typedNumber(typed.seed) ?? NaN,
                    room: typedNumber(typed.room) ?? NaN,
                    tanks: typedNumber(typed.tanks) ?? NaN,
                    quarantine_until: typed.quarantine_until === '' ? null : typed.quarantine_until,
                    ended_on: typed.ended_on === '' ? null : typed.ended_on,
                })
            }
        >
            <Text name="name" label={words.name} maxLength={60} />
            <Choice name="kind" label={words.kind} options={optionsOf(words.kinds)} />
            <Choice
                name="food_id"
                label={words.food}
                placeholder={words.choose}
                options={foods
                    .filter((food) => food.form === 'live')
                    .map((food) => ({ value: String(food.id), text: food.name }))}
            />
            <Text name="started_on" label={words.started} type="date" max={today} />
            <Text name="seed" label={words.seed} inputMode="decimal" />
            <Text name="room" label={words.room} inputMode="decimal" />
            <Text name="tanks" label={words.tanks} inputMode="numeric" />
            <Text name="quarantine_until" label={words.quarantine} type="date" />
            {culture !== null && <Text name="ended_on" label={words.ended} type="date" max={today} />}
        </FieldForm>
    )
}
