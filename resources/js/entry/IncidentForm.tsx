import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { goingsOnQuery } from '../api/queries'
import type { Act, FishRow, Harm, Intervention, Occasion, Success } from '../api/types'
import { messages } from '../messages'
import { entryWords } from '../messages/entry'
import { aggressionWords as words } from '../messages/aggression'
import { Chips } from './Chips'
import type { EntryProps } from './entries'
import { fishById, fishOptions } from './entries'
import { FieldForm, fieldsOf, useRefusal } from './FieldForm'
import { optionsOf } from './fields'
import { timeNow } from './timeNow'
import { useEntry } from './useEntry'

interface Values {
    actor_id: string
    /** ALL: everybody that lives with it. */
    target_id: string
    act: Act
    harm: Harm
    date: string
    time: string
    /** Undefined: as the log knows it. */
    occasions?: Occasion[]
    intervention: '' | Intervention
    success: '' | Success
}

const blank = (today: string): Values => ({
    actor_id: '',
    target_id: '',
    act: 'chased',
    harm: 'none',
    date: today,
    time: timeNow(),
    intervention: '',
    success: '',
})

const ALL = 'all'

/** More than fit on a slip are chosen from a list. */
const MOST_CHIPS = 14

const { Text, Choice } = fieldsOf<Values>()

/** Who did what to whom: three taps, and what was going on filled in from the log. */
export function IncidentForm({ all, fish, today, onDone }: EntryProps) {
    const form = useForm<Values>({
        defaultValues: blank(today),
    })
    const [actor, target, act, harm] = useWatch({
        control: form.control,
        name: ['actor_id', 'target_id', 'act', 'harm'],
    })
    const [isMore, showMore] = useState(false)
    const nameOf = (id: string): string => fishById(all, id)?.name ?? words.others
    const entry = useEntry(
        '/api/v1/incidents',
        {},
        {
            undo: (recorded) => write('DELETE', '/api/v1/incidents/{incident}', { incident: recorded.id }),
            notice: (body) =>
                entryWords.done.incident({
                    actor: nameOf(String(body.actor_id)),
                    target: nameOf(String(body.target_id)),
                    act: messages.labels.acts[body.act],
                }),
            onDone,
        },
    )
    const home = (fish ?? fishById(all, actor))?.home.system_id
    const company = all.filter((one) => one.home.system_id === home)
    const known = useKnownOccasions(form.control, home)
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={entryWords.saveIncident}
            onCancel={onDone}
            onSave={(typed) => entry.save(sent(typed, known.occasions))}
        >
            <Who
                label={entryWords.actor}
                name="actor_id"
                chosen={actor}
                from={fish === undefined ? all : company}
                onChoose={(id) => form.setValue('actor_id', id)}
            />
            <Chips
                label={entryWords.act}
                options={optionsOf(messages.labels.acts)}
                chosen={[act]}
                onToggle={(value) => form.setValue('act', value as Act)}
            />
            {actor !== '' && (
                <Who
                    label={entryWords.target}
                    name="target_id"
                    chosen={target}
                    from={company.filter((one) => String(one.id) !== actor || one.is_shoal)}
                    isAll={company.length > 2}
                    onChoose={(id) => form.setValue('target_id', id)}
                />
            )}
            <Chips
                label={entryWords.harm}
                options={optionsOf(messages.labels.harms)}
                chosen={[harm]}
                onToggle={(value) => form.setValue('harm', value as Harm)}
            />
            <Known form={form} known={known} />
            <Button type="button" variant="plain" alignSelf="start" onClick={() => showMore(!isMore)}>
                {isMore ? words.less : words.more}
            </Button>
            {isMore && <More form={form} known={known} today={today} />}
        </FieldForm>
    )
}

/** @param known what was going on as the log knows it, where nobody said otherwise */
function sent(typed: Values, known: Occasion[]) {
    const { occasions = known, intervention, success, time } = typed
    return {
        ...typed,
        actor_id: Number(typed.actor_id),
        target_id: typed.target_id === ALL ? null : Number(typed.target_id),
        time: time === '' ? null : time,
        occasions,
        intervention: intervention === '' ? null : intervention,
        success: success === '' ? null : success,
    }
}

interface MoreProps {
    form: ReturnType<typeof useForm<Values>>
    known: KnownOccasions
}

function More({ form, known, today }: MoreProps & { today: string }) {
    return (
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="12px">
            <Box gridColumn="1 / -1">
                <GoingOn form={form} known={known} />
            </Box>
            <Text name="date" label={entryWords.day} type="date" max={today} />
            <Text name="time" label={entryWords.time} type="time" />
            <Choice
                name="intervention"
                label={words.did}
                options={[{ value: '', text: words.nothing }, ...optionsOf(words.interventions)]}
            />
            <Choice
                name="success"
                label={words.helped}
                options={[{ value: '', text: words.unknown }, ...optionsOf(words.successes)]}
            />
        </Box>
    )
}

interface WhoProps {
    label: string
    name: string
    chosen: string
    from: readonly FishRow[]
    isAll?: boolean
    onChoose: (id: string) => void
}

function Who({ label, name, chosen, from, isAll = false, onChoose }: WhoProps) {
    const error = useRefusal(name)
    if (from.length > MOST_CHIPS) {
        return (
            <Choice
                name={name as 'actor_id'}
                label={label}
                placeholder={entryWords.choose}
                options={[...(isAll ? [{ value: ALL, text: words.everybody }] : []), ...fishOptions(from)]}
            />
        )
    }
    return (
        <Chips
            label={label}
            options={[
                ...from.map((one) => ({ value: String(one.id), text: one.name })),
                ...(isAll ? [{ value: ALL, text: words.everybody }] : []),
            ]}
            chosen={[chosen]}
            onToggle={onChoose}
            error={error}
        />
    )
}

interface KnownOccasions {
    occasions: Occasion[]
    light: string | null
}

/** What the log knows of the home at that time. */
function useKnownOccasions(
    control: ReturnType<typeof useForm<Values>>['control'],
    home: number | undefined,
): KnownOccasions {
    const [date, time] = useWatch({ control, name: ['date', 'time'] })
    const sheet = useQuery(goingsOnQuery(home, date, time)).data
    return { occasions: sheet?.occasions ?? [], light: sheet?.light_words ?? null }
}

/** What goes with it unless somebody says otherwise, in a line. */
function Known({ form, known }: MoreProps) {
    const [typed, time] = useWatch({ control: form.control, name: ['occasions', 'time'] })
    const occasions = (typed ?? known.occasions).map((one) => words.occasions[one])
    const light = known.light === null ? [] : [words.lights({ time, light: known.light })]
    return <chakra.p color="ink2">{[...light, ...occasions].join(', ')}</chakra.p>
}

function GoingOn({ form, known }: MoreProps) {
    const typed = useWatch({ control: form.control, name: 'occasions' })
    const occasions = typed ?? known.occasions
    return (
        <Chips
            label={words.going}
            isMany
            options={optionsOf(words.occasions)}
            chosen={occasions}
            onToggle={(value) =>
                form.setValue(
                    'occasions',
                    occasions.includes(value as Occasion)
                        ? occasions.filter((one) => one !== value)
                        : [...occasions, value as Occasion],
                )
            }
        />
    )
}
