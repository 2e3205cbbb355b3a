import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import type { LossKind } from '../api/types'
import { messages } from '../messages'
import { entryWords } from '../messages/entry'
import { lossWords as words } from '../messages/losses'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { FieldForm, fieldsOf } from './FieldForm'
import { optionsOf } from './fields'
import { useEntry } from './useEntry'

interface Values {
    fish_id: string
    kind: LossKind
    date: string
    count: string
    /** Of all that a shoal lost; '': not seen. */
    sex: '' | 'male' | 'female'
    cause: string
    /** '': not seen. */
    eaten_by_id: string
    /** '': the day is known. */
    last_seen: string
    lesson: string
}

const LEFT_ALIVE: readonly LossKind[] = ['rehomed', 'given-back', 'let-out']

const { Text, Choice } = fieldsOf<Values>()

export function LossForm({ all, fish, today, onDone }: EntryProps) {
    const form = useForm<Values>({
        defaultValues: {
            fish_id: fish === undefined ? '' : String(fish.id),
            kind: 'death',
            date: today,
            count: '1',
            sex: '',
            cause: '',
            eaten_by_id: '',
            last_seen: '',
            lesson: '',
        },
    })
    const who = useWatch({ control: form.control, name: 'fish_id' })
    const kind = useWatch({ control: form.control, name: 'kind' })
    const chosen = fishById(all, who)
    const entry = useEntry(
        '/api/v1/fish/{fish}/losses',
        { fish: Number(who) },
        {
            undo: (recorded) => write('DELETE', '/api/v1/losses/{loss}', { loss: recorded.id }),
            notice: (body) =>
                entryWords.done.loss({ name: chosen?.name ?? '', how: messages.labels.losses[body.kind] }),
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={entryWords.saveLoss}
            onCancel={onDone}
            onSave={(typed) => entry.save(sent(typed))}
        >
            <Choice
                name="fish_id"
                label={entryWords.fish}
                placeholder={entryWords.choose}
                options={fishOptions(all)}
            />
            <Choice
                name="kind"
                label={entryWords.how}
                options={optionsOf(messages.labels.losses)}
                {...(LEFT_ALIVE.includes(kind) ? { help: entryWords.lossHelp } : {})}
            />
            {kind === 'eaten' && chosen !== undefined && (
                <Choice
                    name="eaten_by_id"
                    label={words.eatenBy}
                    options={[
                        { value: '', text: words.notSeen },
                        ...fishOptions(all.filter(({ home }) => home.system_id === chosen.home.system_id)),
                    ]}
                />
            )}
            {kind === 'let-out' && <p>{words.letOut}</p>}
            {LEFT_ALIVE.includes(kind) && chosen?.parting.map((caution) => <p key={caution}>{caution}</p>)}
            {chosen?.is_shoal === true && (
                <>
                    <Text name="count" label={entryWords.lost} inputMode="numeric" />
                    <Choice name="sex" label={entryWords.lostSex} options={optionsOf(messages.fish.sexes)} />
                </>
            )}
            <Text name="date" label={entryWords.day} type="date" max={today} />
            <Text name="last_seen" label={words.lastSeen} type="date" max={today} help={words.lastSeenHelp} />
            <Text name="cause" label={entryWords.cause} />
            <Text name="lesson" label={words.lesson} />
        </FieldForm>
    )
}

const orNone = (typed: string): string | null => (typed === '' ? null : typed)

function sent({ kind, date, count, sex, cause, eaten_by_id, last_seen, lesson }: Values) {
    return {
        kind,
        date,
        count: Number(count),
        sex: sex === '' ? null : sex,
        cause: orNone(cause),
        eaten_by_id: kind === 'eaten' && eaten_by_id !== '' ? Number(eaten_by_id) : null,
        last_seen: orNone(last_seen),
        lesson: orNone(lesson),
    }
}
