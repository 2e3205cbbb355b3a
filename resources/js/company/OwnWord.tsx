import { Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { write } from '../api/client'
import type { PairRow, PairVerdict } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useEntry } from '../entry/useEntry'
import { useWrite } from '../entry/useWrite'
import { companyWords } from '../messages/company'

const words = companyWords.own

interface Values {
    verdict: PairVerdict
    reason: string
}

const { Text, Choice } = fieldsOf<Values>()

interface Props {
    pair: PairRow
    names: readonly [string, string]
}

/** What the keeper says of two, whatever the rules say; shown as his, and withdrawn with one tap. */
export function OwnWord({ pair, names }: Props) {
    const [open, setOpen] = useState(false)
    return (
        <>
            {pair.own !== null && <Said pair={pair} own={pair.own} />}
            <Button alignSelf="start" onClick={() => setOpen(true)}>
                {words.say}
            </Button>
            <PaperDialog
                title={words.title({ one: names[0], other: names[1] })}
                open={open}
                onClose={() => setOpen(false)}
            >
                {open && <Say pair={pair} names={names} onDone={() => setOpen(false)} />}
            </PaperDialog>
        </>
    )
}

function Said({ pair, own }: { pair: PairRow; own: NonNullable<PairRow['own']> }) {
    const withdraw = useWrite(
        'DELETE',
        '/api/v1/pair-verdicts/{verdict}',
        { verdict: own.id },
        { notice: () => words.withdrawn },
    )
    return (
        <chakra.div borderInlineStart="6px solid" borderColor="accent" paddingInlineStart="12px">
            <p>
                <b>{words.said({ verdict: companyWords.verdicts[pair.verdict] })}</b> {own.reason}
            </p>
            <Button variant="plain" disabled={withdraw.isSaving} onClick={() => withdraw.save()}>
                {words.withdraw}
            </Button>
        </chakra.div>
    )
}

function Say({ pair, names: [one, other], onDone }: Props & { onDone: () => void }) {
    const form = useForm<Values>({ defaultValues: { verdict: 'good', reason: '' } })
    const entry = useEntry(
        '/api/v1/pair-verdicts',
        {},
        {
            notice: (body) => words.saved({ one, other, verdict: companyWords.verdicts[body.verdict] }),
            undo: ({ id }) => write('DELETE', '/api/v1/pair-verdicts/{verdict}', { verdict: id }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={(typed) => entry.save({ ...typed, one_id: pair.one, other_id: pair.other })}
        >
            <Choice name="verdict" label={words.verdict} options={optionsOf(companyWords.verdicts)} />
            <Text name="reason" label={words.reason} maxLength={300} />
        </FieldForm>
    )
}
