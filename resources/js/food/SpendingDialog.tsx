import { useForm } from 'react-hook-form'
import type { CostSheet } from '../api/types'
import type { Body } from '../api/client'
import { write } from '../api/client'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useEntry } from '../entry/useEntry'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { foodWords } from '../messages/food'
import { typedNumber } from './amounts'

const words = foodWords.costs

interface Values {
    kind: Body<'POST', '/api/v1/spendings'>['kind']
    what: string
    amount: string
    /** "system 4" or "fish 12"; '': for none alone. */
    of: string
    date: string
}

const { Text, Choice } = fieldsOf<Values>()

/** Food stands with what was bought. */
const KINDS = optionsOf(words.paidKinds).filter(({ value }) => value !== 'food')

interface Props {
    sheet: CostSheet
    isOpen: boolean
    onClose: () => void
}

/** Money that was paid, food apart: that stands with what was bought. */
export function SpendingDialog({ sheet, isOpen, onClose }: Props) {
    return (
        <PaperDialog title={words.addTitle} open={isOpen} onClose={onClose}>
            {isOpen && <Form sheet={sheet} onDone={onClose} />}
        </PaperDialog>
    )
}

function Form({ sheet, onDone }: { sheet: CostSheet; onDone: () => void }) {
    const { today } = useKeeper()
    const form = useForm<Values>({
        defaultValues: { kind: 'power', what: '', amount: '', of: '', date: today },
    })
    const entry = useEntry(
        '/api/v1/spendings',
        {},
        {
            notice: () => words.done,
            undo: ({ id }) => write('DELETE', '/api/v1/spendings/{spending}', { spending: id }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={({ of, ...typed }) =>
                entry.save({
                    ...typed,
                    amount: typedNumber(typed.amount) ?? NaN,
                    system_id: numberOf('system', of),
                    fish_id: numberOf('fish', of),
                })
            }
        >
            <Choice name="kind" label={words.kind} options={KINDS} />
            <Text name="what" label={words.what} maxLength={200} />
            <Text name="amount" label={words.amount} inputMode="decimal" />
            <Choice
                name="of"
                label={words.system}
                options={[
                    { value: '', text: words.noSystem },
                    ...sheet.systems.map((one) => ({ value: `system ${one.system_id}`, text: one.name })),
                    ...sheet.fish.map((one) => ({ value: `fish ${one.fish_id}`, text: one.name })),
                ]}
            />
            <Text name="date" label={words.day} type="date" max={today} />
        </FieldForm>
    )
}

/** The number in "fish 12", if that is what it is of. */
function numberOf(what: string, of: string): number | null {
    const [name, id] = of.split(' ')
    return name === what ? Number(id) : null
}
