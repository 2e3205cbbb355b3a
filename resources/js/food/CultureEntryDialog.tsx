import { useForm } from 'react-hook-form'
import { write } from '../api/client'
import type { CultureEntryKind, CultureRow } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useEntry } from '../entry/useEntry'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { foodWords } from '../messages/food'
import { typedNumber } from './amounts'

const words = foodWords.culture

interface Values {
    kind: CultureEntryKind
    number: string
    date: string
}

const { Text, Choice } = fieldsOf<Values>()

/** What was counted in a culture, taken out or added. */
export function CultureEntryDialog({
    written,
    onClose,
}: {
    written: [CultureRow, CultureEntryKind] | null
    onClose: () => void
}) {
    return (
        <PaperDialog
            title={written === null ? '' : words.entry({ name: written[0].name })}
            open={written !== null}
            onClose={onClose}
        >
            {written !== null && <Form culture={written[0]} kind={written[1]} onDone={onClose} />}
        </PaperDialog>
    )
}

function Form({
    culture,
    kind,
    onDone,
}: {
    culture: CultureRow
    kind: CultureEntryKind
    onDone: () => void
}) {
    const { today } = useKeeper()
    const form = useForm<Values>({ defaultValues: { kind, number: '', date: today } })
    const entry = useEntry(
        '/api/v1/cultures/{culture}/entries',
        { culture: culture.id },
        {
            notice: () => words.written({ name: culture.name }),
            undo: ({ id }) => write('DELETE', '/api/v1/culture-entries/{growth}', { growth: id }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.write}
            onCancel={onDone}
            onSave={(typed) => entry.save({ ...typed, number: typedNumber(typed.number) ?? NaN })}
        >
            <Choice name="kind" label={words.what} options={optionsOf(words.kindsOfEntry)} />
            <Text name="number" label={words.number} inputMode="decimal" />
            <Text name="date" label={words.day} type="date" min={culture.started_on} max={today} />
        </FieldForm>
    )
}
