import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import type { UseFormReturn } from 'react-hook-form'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { systemsQuery } from '../api/queries'
import type { MoveSheetRequest } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { CheckField } from '../log/CheckField'
import { FieldForm, fieldsOf } from '../log/FieldForm'
import { optionsOf, TextField } from '../log/fields'
import { useWrite } from '../log/useWrite'
import { messages } from '../messages'
import { heldAs, wordOf } from '../units/measure'

interface Props {
    onDone: () => void
    /** Who is to go, when that is known: a time-out from a watch. */
    fish?: number
    from?: number
    isTimeOut?: boolean
}

interface Values {
    from: string
    to_system_id: string
    who: readonly number[]
    /** How many of a shoal, as typed, by its number; '': all. */
    counts: Record<number, string>
    date: string
    until: string
    is_time_out: boolean
    container_litres: string
    mixing: NonNullable<MoveSheetRequest['mixing']>
}

/** A usual bucket, in the round figure that is printed on it. */
const USUAL_CONTAINER = { metric: '20', us: '5', imperial: '4' } as const

const { Text, Choice, Check } = fieldsOf<Values>()

/** Who goes, where and when: the sheet is worked out from it. */
export function PlanMoveForm({ onDone, fish, from: home, isTimeOut = false }: Props) {
    const { today, unit_system: units } = useKeeper()
    const navigate = useNavigate()
    const form = useForm<Values>({
        defaultValues: {
            from: String(home ?? ''),
            to_system_id: '',
            who: fish === undefined ? [] : [fish],
            counts: {},
            date: today,
            until: '',
            is_time_out: isTimeOut,
            container_litres: USUAL_CONTAINER[units],
            mixing: 'take-out',
        },
    })
    const plan = useWrite(
        'POST',
        '/api/v1/move-sheets',
        {},
        {
            notice: (page) =>
                `${messages.moves.sheet.title({ fish: page.sheet.fish.join(', '), to: page.sheet.to })}.`,
            undo: (page) => write('DELETE', '/api/v1/move-sheets/{sheet}', { sheet: page.sheet.id }),
            onDone: (page) => {
                onDone()
                return navigate({ to: '/moves/$id', params: { id: page.sheet.id } })
            },
        },
    )
    return (
        <FieldForm
            form={form}
            entry={plan}
            act={messages.moves.save}
            onCancel={onDone}
            onSave={({ who, counts, to_system_id, until, is_time_out, container_litres, mixing, date }) =>
                plan.save({
                    to_system_id: Number(to_system_id),
                    date,
                    until: until === '' ? null : until,
                    is_time_out,
                    mixing,
                    container_litres: Number(heldAs(container_litres, 'volume', units)),
                    fish: who.map((id) => ({
                        fish_id: id,
                        count: (counts[id] ?? '') === '' ? null : Number(counts[id]),
                    })),
                })
            }
        >
            <WhoAndWhere form={form} />
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <Text name="date" label={messages.moves.date} type="date" min={today} />
                <Text name="until" label={messages.moves.until} type="date" help={messages.moves.untilHelp} />
                <Text
                    name="container_litres"
                    label={messages.moves.container({ unit: wordOf('volume', units) })}
                    inputMode="decimal"
                />
                <Choice
                    name="mixing"
                    label={messages.moves.mixing}
                    options={optionsOf(messages.moves.mixings)}
                />
            </Box>
            <Check name="is_time_out" label={messages.moves.timeOut} />
        </FieldForm>
    )
}

const named = (systems: readonly { id: number; name: string }[]) =>
    systems.map(({ id, name }) => ({ value: String(id), text: name }))

/** From where to where, and who of those that live there. */
function WhoAndWhere({ form }: { form: UseFormReturn<Values> }) {
    const systems = useQuery(systemsQuery).data ?? []
    const [from, who, counts] = useWatch({ control: form.control, name: ['from', 'who', 'counts'] })
    const living = systems.find(({ id }) => String(id) === from)?.fish ?? []
    return (
        <>
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px">
                <Choice
                    name="from"
                    label={messages.moves.from}
                    placeholder={messages.moves.choose}
                    options={named(systems.filter(({ fish }) => fish.length > 0))}
                    onChosen={() => form.setValue('who', [])}
                />
                <Choice
                    name="to_system_id"
                    label={messages.moves.to}
                    placeholder={messages.moves.choose}
                    options={named(systems.filter(({ id }) => String(id) !== from))}
                />
            </Box>
            <chakra.fieldset border="none" padding="0" margin="0">
                <chakra.legend fontWeight={700}>{messages.moves.who}</chakra.legend>
                {living.map(({ id, name, count }) => (
                    <Box key={id}>
                        <CheckField
                            label={name}
                            checked={who.includes(id)}
                            onChange={(on) =>
                                form.setValue('who', on ? [...who, id] : who.filter((other) => other !== id))
                            }
                        />
                        {who.includes(id) && count > 1 && (
                            <TextField
                                label={messages.moves.howMany({ name, there: count })}
                                inputMode="numeric"
                                value={counts[id] ?? ''}
                                onChange={(value) => form.setValue('counts', { ...counts, [id]: value })}
                            />
                        )}
                    </Box>
                ))}
            </chakra.fieldset>
        </>
    )
}
