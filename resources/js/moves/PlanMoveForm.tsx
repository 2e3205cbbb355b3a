import { heldAs, shownAs, wordOf } from '../units/measure'
import { messages } from '../messages'
import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import { systemsQuery } from '../api/queries'
import type { MoveSheetRequest } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { CheckField } from '../log/CheckField'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { write } from '../api/client'
import { useWrite } from '../log/useWrite'

interface Props {
    onDone: () => void
    /** Who is to go, when that is known: a time-out from a watch. */
    fish?: number
    from?: number
    isTimeOut?: boolean
}

const USUAL_CONTAINER_LITRES = 20

/** Who goes, where and when: the sheet is worked out from it. */
export function PlanMoveForm({ onDone, fish, from: home, isTimeOut = false }: Props) {
    const { today, unit_system: units } = useKeeper()
    const navigate = useNavigate()
    const systems = useQuery(systemsQuery).data ?? []
    const [from, setFrom] = useState(home === undefined ? '' : String(home))
    const [to, setTo] = useState('')
    const [who, setWho] = useState<readonly number[]>(fish === undefined ? [] : [fish])
    const [counts, setCounts] = useState<Record<number, string>>({})
    const [date, setDate] = useState(today)
    const [until, setUntil] = useState('')
    const [timeOut, setTimeOut] = useState(isTimeOut)
    const [container, setContainer] = useState(shownAs(USUAL_CONTAINER_LITRES, 'volume', units))
    const [mixing, setMixing] = useState<NonNullable<MoveSheetRequest['mixing']>>('take-out')
    const living = systems.find((one) => String(one.id) === from)?.fish ?? []
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
    const fishError =
        plan.fieldError('fish') ??
        who
            .map((_, i) => plan.fieldError(`fish.${i}.fish_id`) ?? plan.fieldError(`fish.${i}.count`))
            .find((one) => one !== undefined)
    return (
        <EntryForm
            act={messages.moves.save}
            isSaving={plan.isSaving}
            error={
                fishError ??
                (plan.fieldError('to_system_id') === undefined &&
                plan.fieldError('date') === undefined &&
                plan.fieldError('until') === undefined
                    ? plan.error
                    : undefined)
            }
            onCancel={onDone}
            onSave={() =>
                plan.save({
                    to_system_id: Number(to),
                    date,
                    until: until === '' ? null : until,
                    is_time_out: timeOut,
                    mixing,
                    container_litres: Number(heldAs(container, 'volume', units)),
                    fish: who.map((id) => ({
                        fish_id: id,
                        count: (counts[id] ?? '') === '' ? null : Number(counts[id]),
                    })),
                })
            }
        >
            <Box display="grid" gridTemplateColumns="1fr 1fr" gap="12px">
                <ChoiceField
                    label={messages.moves.from}
                    placeholder={messages.moves.choose}
                    options={systems
                        .filter((one) => one.fish.length > 0)
                        .map((one) => ({ value: String(one.id), text: one.name }))}
                    value={from}
                    onChange={(value) => {
                        setFrom(value)
                        setWho([])
                    }}
                />
                <ChoiceField
                    label={messages.moves.to}
                    placeholder={messages.moves.choose}
                    options={systems
                        .filter((one) => String(one.id) !== from)
                        .map((one) => ({ value: String(one.id), text: one.name }))}
                    value={to}
                    onChange={setTo}
                    error={plan.fieldError('to_system_id')}
                />
            </Box>
            <chakra.fieldset border="none" padding="0" margin="0">
                <chakra.legend fontWeight={700}>{messages.moves.who}</chakra.legend>
                {living.map((one) => (
                    <Box key={one.id}>
                        <CheckField
                            label={one.name}
                            checked={who.includes(one.id)}
                            onChange={(on) =>
                                setWho(on ? [...who, one.id] : who.filter((id) => id !== one.id))
                            }
                        />
                        {who.includes(one.id) && one.count > 1 && (
                            <TextField
                                label={messages.moves.howMany({ name: one.name, there: one.count })}
                                inputMode="numeric"
                                value={counts[one.id] ?? ''}
                                onChange={(value) => setCounts({ ...counts, [one.id]: value })}
                            />
                        )}
                    </Box>
                ))}
            </chakra.fieldset>
            <Box display="grid" gridTemplateColumns="1fr 1fr" gap="12px" alignItems="start">
                <TextField
                    label={messages.moves.date}
                    type="date"
                    min={today}
                    value={date}
                    onChange={setDate}
                    error={plan.fieldError('date')}
                />
                <TextField
                    label={messages.moves.until}
                    type="date"
                    value={until}
                    onChange={setUntil}
                    error={plan.fieldError('until')}
                    help={messages.moves.untilHelp}
                />
                <TextField
                    label={messages.moves.container({ unit: wordOf('volume', units) })}
                    inputMode="decimal"
                    value={container}
                    onChange={setContainer}
                    error={plan.fieldError('container_litres')}
                />
                <ChoiceField
                    label={messages.moves.mixing}
                    options={optionsOf(messages.moves.mixings)}
                    value={mixing}
                    onChange={(value) => setMixing(value as typeof mixing)}
                />
            </Box>
            <CheckField label={messages.moves.timeOut} checked={timeOut} onChange={setTimeOut} />
        </EntryForm>
    )
}
