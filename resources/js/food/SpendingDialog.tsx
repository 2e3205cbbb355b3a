import { useForm } from 'react-hook-form'
import type { CostSheet } from '../api/types'
import type { Body } from '../api/client'
import { write } from '../api/client'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { foodWords } from '../messages/food'
import { typedNumber } from './amounts'

const words = foodWords.costs

interface Values {
    kind: Body<'POST', '/api/v1/spendings'>['kind']
    what: string
    amount: string
    /** '': for none alone. */
    system_id: string
    date: string
}

const { Text, Choice } = fieldsOf<Values>()

/** Food stands with what was bought. */
const KINDS = optionsOf(words.paidKinds).filter(({ value }) => value !== 'food')

interface Props {
    systems: CostSheet['systems']
    isOpen: boolean
    onClose: () => void
}

/** Money that was paid, food apart: that stands with what was bought. */
export function SpendingDialog({ systems, isOpen, onClose }: Props) {
    return (
        <PaperDialog title={words.addTitle} open={isOpen} onClose={onClose}>
            {isOpen && <Form systems={systems} onDone={onClose} />}
        </PaperDialog>
    )
}

function Form({ systems, onDone }: { systems: CostSheet['systems']; onDone: () => void }) {
    const { today } = useKeeper()
    const form = useForm<Values>({
        defaultValues: { kind: 'power', what: '', amount: '', system_id: '', date: today },
    })
    const entry = useWrite(
        'POST',
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
            onSave={(typed) =>
                entry.save({
                    ...typed,
                    amount: typedNumber(typed.amount) ?? NaN,
                    system_id: typed.system_id === '' ? null : Number(typed.system_id),
                })
            }
        >
            <Choice name="kind" label={words.kind} options={KINDS} />
            <Text name="what" label={words.what} maxLength={200} />
            <Text name="amount" label={words.amount} inputMode="decimal" />
            <Choice
                name="system_id"
                label={words.system}
                options={[
                    { value: '', text: words.noSystem },
                    ...systems.map((one) => ({ value: String(one.system_id), text: one.name })),
                ]}
            />
            <Text name="date" label={words.day} type="date" max={today} />
        </FieldForm>
    )
}
