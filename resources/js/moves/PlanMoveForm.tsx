import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import type { UseFormReturn } from 'react-hook-form'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { systemsQuery } from '../api/queries'
import type { MoveSheetRequest } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { CheckField } from '../entry/CheckField'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'
import { movesWords } from '../messages/moves'
import { heldAs, wordOf } from '../units/measure'

interface Props {
    onCancel: () => void
    /** Who is to go, from where and where to, when that is known. */
    fish?: number
    from?: number
    to?: number
    isTimeOut?: boolean
}

interface Values {
    from: string
    to_system_id: string
    who: readonly number[]
    /** Of a shoal, by its number: how many, as typed ('': all), which of them, and what they are called then. */
    parts: Record<number, Part>
    date: string
    until: string
    is_time_out: boolean
    container_litres: string
    mixing: NonNullable<MoveSheetRequest['mixing']>
}

interface Part {
    count: string
    /** A size or a sex of those told apart; '': any. */
    which: string
    name: string
}

const ALL_OF_IT: Part = { count: '', which: '', name: '' }
const SEXES = ['male', 'female'] as const

function partSent({ count, which, name }: Part = ALL_OF_IT): Omit<
    MoveSheetRequest['fish'][number],
    'fish_id'
> {
    if (count === '') {
        return { count: null }
    }
    const sex = SEXES.find((one) => one === which)
    return {
        count: Number(count),
        name: name === '' ? null : name,
        ...(sex === undefined ? { size: which === '' ? null : which } : { sex }),
    }
}

/** A usual bucket, in the round figure that is printed on it. */
const USUAL_CONTAINER = { metric: '20', us: '5', imperial: '4' } as const

const { Text, Choice, Check } = fieldsOf<Values>()

/** Who goes, where and when: the sheet is worked out from it. */
export function PlanMoveForm({ onCancel, fish, from: home, to, isTimeOut = false }: Props) {
    const { today, units } = useKeeper()
    const navigate = useNavigate()
    const form = useForm<Values>({
        defaultValues: {
            from: String(home ?? ''),
            to_system_id: String(to ?? ''),
            who: fish === undefined ? [] : [fish],
            parts: {},
            date: today,
            until: '',
            is_time_out: isTimeOut,
            container_litres: USUAL_CONTAINER[units.volume],
            mixing: 'take-out',
        },
    })
    const plan = useWrite(
        'POST',
        '/api/v1/move-sheets',
        {},
        {
            notice: (page) =>
                `${movesWords.sheet.title({ fish: page.sheet.fish.join(', '), to: page.sheet.to })}.`,
            undo: (page) => write('DELETE', '/api/v1/move-sheets/{sheet}', { sheet: page.sheet.id }),
            onDone: (page) => navigate({ to: '/moves/$id', params: { id: page.sheet.id } }),
        },
    )
    return (
        <FieldForm
            form={form}
            entry={plan}
            act={movesWords.save}
            onCancel={onCancel}
            onSave={({ who, parts, to_system_id, until, is_time_out, container_litres, mixing, date }) =>
                plan.save({
                    to_system_id: Number(to_system_id),
                    date,
                    until: until === '' ? null : until,
                    is_time_out,
                    mixing,
                    container_litres: Number(heldAs(container_litres, 'volume', units)),
                    fish: who.map((id) => ({ fish_id: id, ...partSent(parts[id]) })),
                })
            }
        >
            <WhoAndWhere form={form} />
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <Text name="date" label={movesWords.date} type="date" min={today} />
                <Text name="until" label={movesWords.until} type="date" help={movesWords.untilHelp} />
                <Text
                    name="container_litres"
                    label={movesWords.container({ unit: wordOf('volume', units) })}
                    inputMode="decimal"
                />
                <Choice name="mixing" label={movesWords.mixing} options={optionsOf(movesWords.mixings)} />
            </Box>
            <Check name="is_time_out" label={movesWords.timeOut} />
        </FieldForm>
    )
}

const named = (systems: readonly { id: number; name: string }[]) =>
    systems.map(({ id, name }) => ({ value: String(id), text: name }))

/** From where to where, and who of those that live there. */
function WhoAndWhere({ form }: { form: UseFormReturn<Values> }) {
    const systems = useQuery(systemsQuery).data ?? []
    const [from, who, parts] = useWatch({ control: form.control, name: ['from', 'who', 'parts'] })
    const living = systems.find(({ id }) => String(id) === from)?.fish ?? []
    return (
        <>
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px">
                <Choice
                    name="from"
                    label={movesWords.from}
                    placeholder={movesWords.choose}
                    options={named(systems.filter(({ fish }) => fish.length > 0))}
                    onChosen={() => form.setValue('who', [])}
                />
                <Choice
                    name="to_system_id"
                    label={movesWords.to}
                    placeholder={movesWords.choose}
                    options={named(systems.filter(({ id }) => String(id) !== from))}
                />
            </Box>
            <chakra.fieldset border="none" padding="0" margin="0">
                <chakra.legend fontWeight={700}>{movesWords.who}</chakra.legend>
                {living.map(({ id, name, count, sizes }) => (
                    <Box key={id}>
                        <CheckField
                            label={name}
                            checked={who.includes(id)}
                            onChange={(on) =>
                                form.setValue('who', on ? [...who, id] : who.filter((other) => other !== id))
                            }
                        />
                        {who.includes(id) && count > 1 && (
                            <PartFields
                                name={name}
                                there={count}
                                sizes={sizes}
                                part={parts[id] ?? ALL_OF_IT}
                                onChange={(part) => form.setValue('parts', { ...parts, [id]: part })}
                            />
                        )}
                    </Box>
                ))}
            </chakra.fieldset>
        </>
    )
}

interface PartProps {
    name: string
    there: number
    sizes: readonly string[]
    part: Part
    onChange: (part: Part) => void
}

/** How many of a shoal; where not all go, which of them and what they are called from then on. */
function PartFields({ name, there, sizes, part, onChange }: PartProps) {
    return (
        <>
            <TextField
                label={movesWords.howMany({ name, there })}
                inputMode="numeric"
                value={part.count}
                onChange={(count) => onChange({ ...part, count })}
            />
            {part.count !== '' && (
                <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px">
                    <ChoiceField
                        label={movesWords.which}
                        options={[
                            { value: '', text: movesWords.anyOfThem },
                            ...sizes.map((size) => ({ value: size, text: size })),
                            ...SEXES.map((sex) => ({ value: sex, text: messages.labels.sexes[sex] })),
                        ]}
                        value={part.which}
                        onChange={(which) => onChange({ ...part, which })}
                    />
                    <TextField
                        label={movesWords.calledThen}
                        value={part.name}
                        onChange={(called) => onChange({ ...part, name: called })}
                    />
                </Box>
            )}
        </>
    )
}
