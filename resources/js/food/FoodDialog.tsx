import { Button } from '@chakra-ui/react'
import { useForm, useWatch } from 'react-hook-form'
import type { FoodRow } from '../api/types'
import { Chips } from '../entry/Chips'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { PaperDialog } from '../frame/PaperDialog'
import { foodWords } from '../messages/food'
import { typedNumber } from './amounts'
import { OwnWords } from './OwnWords'

const words = foodWords.form

type Diet = FoodRow['taken_by'][number]

interface Values {
    name: string
    form: FoodRow['form']
    taken_by: Diet[]
    protein_percent: string
    dry_matter_percent: string
    unit: FoodRow['unit']
    grams_each: string
    pack: string
    price: string
    keeps_days: string
    is_fish: boolean
    own_word: FoodRow['own_word']
}

const { Text, Choice, Check } = fieldsOf<Values>()

/** A food of the place, new or changed. */
export function FoodDialog({ food, onClose }: { food: FoodRow | 'new' | null; onClose: () => void }) {
    const title = food === null ? '' : food === 'new' ? words.add : words.change({ name: food.name })
    return (
        <PaperDialog title={title} open={food !== null} onClose={onClose}>
            {food === 'new' && <Form food={null} onDone={onClose} />}
            {food !== null && food !== 'new' && <Form key={food.id} food={food} onDone={onClose} />}
        </PaperDialog>
    )
}

const asTyped = (value: number | null): string => (value === null ? '' : String(value))

const EMPTY: Values = {
    name: '',
    form: 'dry',
    taken_by: ['omnivore'],
    protein_percent: '',
    dry_matter_percent: '92',
    unit: 'gram',
    grams_each: '',
    pack: '',
    price: '',
    keeps_days: '',
    is_fish: false,
    own_word: [],
}

const typedOf = (food: FoodRow): Values => ({
    name: food.name,
    form: food.form,
    taken_by: food.taken_by,
    protein_percent: asTyped(food.protein_percent),
    dry_matter_percent: asTyped(food.dry_matter_percent),
    unit: food.unit,
    grams_each: food.unit === 'piece' ? asTyped(food.grams_each) : '',
    pack: asTyped(food.pack),
    price: asTyped(food.price),
    keeps_days: asTyped(food.keeps_days),
    is_fish: food.is_fish,
    own_word: food.own_word,
})

const bodyOf = (typed: Values) => ({
    ...typed,
    protein_percent: typedNumber(typed.protein_percent) ?? NaN,
    dry_matter_percent: typedNumber(typed.dry_matter_percent) ?? NaN,
    grams_each: typed.unit === 'piece' ? typedNumber(typed.grams_each) : null,
    pack: typedNumber(typed.pack),
    price: typedNumber(typed.price),
    keeps_days: typedNumber(typed.keeps_days),
})

const toggled = <T extends string>(all: readonly T[], one: T): T[] =>
    all.includes(one) ? all.filter((other) => other !== one) : [...all, one]

function Form({ food, onDone }: { food: FoodRow | null; onDone: () => void }) {
    const form = useForm<Values>({ defaultValues: food === null ? EMPTY : typedOf(food) })
    const [unit, takenBy, said] = useWatch({
        control: form.control,
        name: ['unit', 'taken_by', 'own_word'],
    })
    const { entry, remove } = useFoodWrites(food, onDone)
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={(typed) => entry.save(bodyOf(typed))}
        >
            <Text name="name" label={words.name} maxLength={60} />
            <Choice name="form" label={words.form} options={optionsOf(words.forms)} />
            <Chips
                label={words.takenBy}
                options={optionsOf(words.diets)}
                chosen={takenBy}
                isMany
                onToggle={(value) => form.setValue('taken_by', toggled(takenBy, value as Diet))}
            />
            <Text name="protein_percent" label={words.protein} inputMode="decimal" />
            <Text name="dry_matter_percent" label={words.dryMatter} inputMode="decimal" />
            <Choice name="unit" label={words.unit} options={optionsOf(words.units)} />
            {unit === 'piece' && <Text name="grams_each" label={words.gramsEach} inputMode="decimal" />}
            <Text name="pack" label={words.pack} inputMode="decimal" />
            <Text name="price" label={words.price} inputMode="decimal" />
            <Text name="keeps_days" label={words.keeps} inputMode="numeric" />
            <Check name="is_fish" label={words.isFish} />
            <OwnWords said={said} onSay={(own) => form.setValue('own_word', own)} />
            {food !== null && (
                <Button variant="plain" alignSelf="flex-start" onClick={() => remove.save(undefined)}>
                    {words.remove}
                </Button>
            )}
            {remove.error !== undefined && <p role="alert">{remove.error}</p>}
        </FieldForm>
    )
}

/** Adds it, or changes it; and keeps it no more. */
function useFoodWrites(food: FoodRow | null, onDone: () => void) {
    const add = useWrite(
        'POST',
        '/api/v1/foods',
        {},
        { notice: (_, { name }) => words.added({ name }), onDone },
    )
    const change = useWrite(
        'PUT',
        '/api/v1/foods/{food}',
        { food: food?.id ?? 0 },
        { notice: (_, { name }) => words.changed({ name }), onDone },
    )
    const remove = useWrite(
        'DELETE',
        '/api/v1/foods/{food}',
        { food: food?.id ?? 0 },
        { notice: () => words.removed({ name: food?.name ?? '' }), onDone },
    )
    return { entry: food === null ? add : change, remove }
}
