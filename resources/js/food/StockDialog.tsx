import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import type { FoodRow, StockKind } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useEntry } from '../entry/useEntry'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { foodWords } from '../messages/food'
import { typedNumber } from './amounts'

const words = foodWords.stockForm

interface Values {
    kind: StockKind
    amount: string
    price: string
    date: string
}

const { Text, Choice } = fieldsOf<Values>()

/** What was bought, counted, opened or thrown away of a food. */
export function StockDialog({ food, onClose }: { food: FoodRow | null; onClose: () => void }) {
    return (
        <PaperDialog
            title={food === null ? '' : words.title({ name: food.name })}
            open={food !== null}
            onClose={onClose}
        >
            {food !== null && <StockForm key={food.id} food={food} onDone={onClose} />}
        </PaperDialog>
    )
}

function StockForm({ food, onDone }: { food: FoodRow; onDone: () => void }) {
    const { today } = useKeeper()
    const form = useForm<Values>({
        defaultValues: {
            kind: 'bought',
            amount: food.pack === null ? '' : String(food.pack),
            price: food.price === null ? '' : String(food.price),
            date: today,
        },
    })
    const kind = useWatch({ control: form.control, name: 'kind' })
    const entry = useEntry(
        '/api/v1/foods/{food}/stock',
        { food: food.id },
        {
            notice: () => words.done({ name: food.name }),
            undo: ({ id }) => write('DELETE', '/api/v1/stock/{entry}', { entry: id }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={(typed) =>
                entry.save({
                    kind: typed.kind,
                    date: typed.date,
                    amount: typed.kind === 'opened' ? null : typedNumber(typed.amount),
                    unit: food.unit,
                    price: typed.kind === 'bought' ? typedNumber(typed.price) : null,
                })
            }
        >
            <Choice
                name="kind"
                label={words.kind}
                options={optionsOf(words.kinds)}
                onChosen={(chosen) => {
                    if (chosen !== 'bought') {
                        form.setValue('amount', '')
                    }
                }}
            />
            {kind !== 'opened' && (
                <Text
                    name="amount"
                    label={food.unit === 'gram' ? words.amountGram : words.amountPiece}
                    inputMode="decimal"
                />
            )}
            {kind === 'bought' && <Text name="price" label={words.price} inputMode="decimal" />}
            <Text name="date" label={words.day} type="date" max={today} />
        </FieldForm>
    )
}
