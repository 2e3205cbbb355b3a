import { useForm } from 'react-hook-form'
import { write } from '../api/client'
import type { BroodRequest, BroodSheet, FishRow } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { entryWords } from '../messages/entry'
import { broodWords as words } from '../messages/brood'

interface Values {
    mother_id: string
    /** '': not known. */
    father_id: string
    style: BroodRequest['style']
    sign: BroodRequest['sign']
    date: string
    place: string
}

const { Text, Choice } = fieldsOf<Values>()

interface Props {
    system: number
    residents: readonly FishRow[]
    today: string
    /** Something new was seen of it; undefined: it is new. */
    brood?: BroodSheet
    onDone: () => void
}

/** What was seen of a brood, and of whom. */
export function BroodForm({ system, residents, today, brood, onDone }: Props) {
    const form = useForm<Values>({
        defaultValues: {
            mother_id: brood === undefined ? String(residents[0]?.id ?? '') : String(brood.mother_id),
            father_id: String(brood?.father_id ?? ''),
            style: brood?.style ?? 'substrate-guarder',
            sign: 'spawned',
            date: today,
            place: brood?.place ?? '',
        },
    })
    const nameOf = (id: number): string => residents.find((one) => one.id === id)?.name ?? ''
    const add = useWrite(
        'POST',
        '/api/v1/systems/{system}/broods',
        { system },
        {
            notice: (_, body) => words.saved({ name: nameOf(body.mother_id) }),
            undo: ({ id }) => write('DELETE', '/api/v1/broods/{brood}', { brood: id }),
            onDone,
        },
    )
    const change = useWrite(
        'PUT',
        '/api/v1/broods/{brood}',
        { brood: brood?.id ?? 0 },
        { notice: (_, body) => words.saved({ name: nameOf(body.mother_id) }), onDone },
    )
    const entry = brood === undefined ? add : change
    const parents = residents.map(({ id, name }) => ({ value: String(id), text: name }))
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={({ mother_id, father_id, place, ...typed }) =>
                entry.save({
                    ...typed,
                    mother_id: Number(mother_id),
                    father_id: father_id === '' ? null : Number(father_id),
                    place: place === '' ? null : place,
                })
            }
        >
            <Choice name="mother_id" label={words.mother} options={parents} />
            <Choice
                name="father_id"
                label={words.father}
                options={[{ value: '', text: words.notKnown }, ...parents]}
            />
            <Choice name="style" label={words.style} options={optionsOf(words.styles)} />
            <Choice name="sign" label={words.sign} options={optionsOf(words.signs)} />
            <Text name="date" label={entryWords.day} type="date" max={today} />
            <Text name="place" label={words.place} maxLength={200} />
        </FieldForm>
    )
}
