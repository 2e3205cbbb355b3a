import { useQuery } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import type { Body } from '../api/client'
import { fishListQuery } from '../api/queries'
import type { FeedingRow, FoodRow, MealOutcome } from '../api/types'
import { Chips } from '../entry/Chips'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { timeNow } from '../entry/timeNow'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { foodWords } from '../messages/food'
import { typedNumber } from './amounts'
import { foodQuery } from './queries'
import { useFed } from './useFed'

const words = foodWords.round

interface Values {
    outcome: MealOutcome
    eaten_percent: string
    /** '': all of them. */
    fish_id: string
    /** '': as planned. */
    food_id: string
    amount: string
    time: string
}

const { Text, Choice } = fieldsOf<Values>()

interface Props {
    row: FeedingRow
    isOpen: boolean
    onClose: () => void
}

/** A meal that went otherwise than all eaten as planned. */
export function MealDialog({ row, isOpen, onClose }: Props) {
    return (
        <PaperDialog title={words.dialog({ names: row.names })} open={isOpen} onClose={onClose}>
            {isOpen && <Form row={row} onDone={onClose} />}
        </PaperDialog>
    )
}

function Form({ row, onDone }: { row: FeedingRow; onDone: () => void }) {
    const { today } = useKeeper()
    const foods = useQuery(foodQuery).data?.foods ?? []
    const fish = (useQuery(fishListQuery).data ?? []).filter((one) => row.fish.includes(one.id))
    const form = useForm<Values>({
        defaultValues: {
            outcome: 'some',
            eaten_percent: '',
            fish_id: '',
            food_id: '',
            amount: '',
            time: timeNow(),
        },
    })
    const [outcome, foodId] = useWatch({ control: form.control, name: ['outcome', 'food_id'] })
    const food = foods.find((one) => String(one.id) === foodId)
    const entry = useFed(row, onDone)
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={(typed) => entry.save(bodyOf(typed, row, food, today))}
        >
            <Chips
                label={words.outcome}
                options={optionsOf(words.outcomes)}
                chosen={[outcome]}
                onToggle={(value) => form.setValue('outcome', value as MealOutcome)}
            />
            {outcome === 'some' && <Text name="eaten_percent" label={words.eaten} inputMode="numeric" />}
            {row.fish_id === null && row.fish.length > 1 && (
                <Choice
                    name="fish_id"
                    label={words.who}
                    options={[
                        { value: '', text: words.all },
                        ...fish.map((one) => ({ value: String(one.id), text: one.name })),
                    ]}
                />
            )}
            <Choice
                name="food_id"
                label={words.given}
                options={[
                    { value: '', text: words.planned },
                    ...foods
                        .filter((one) => !one.is_forbidden)
                        .map((one) => ({ value: String(one.id), text: one.name })),
                ]}
            />
            {food !== undefined && (
                <Text
                    name="amount"
                    refusedAs="given.0.amount"
                    label={food.unit === 'gram' ? words.amountGram : words.amountPiece}
                    inputMode="decimal"
                />
            )}
            <Text name="time" label={words.time} type="time" />
        </FieldForm>
    )
}

function bodyOf(
    typed: Values,
    row: FeedingRow,
    food: FoodRow | undefined,
    today: string,
): Body<'POST', '/api/v1/systems/{system}/meals'> {
    const given = food && [{ food_id: food.id, amount: typedNumber(typed.amount) ?? NaN, unit: food.unit }]
    return {
        fish_id: typed.fish_id === '' ? row.fish_id : Number(typed.fish_id),
        date: today,
        time: typed.time === '' ? null : typed.time,
        outcome: typed.outcome,
        eaten_percent: typed.outcome === 'some' ? typedNumber(typed.eaten_percent) : null,
        given: given ?? null,
    }
}
