import { messages } from '../messages'
import { watchColour } from './movesSentence'
import { Box, Button, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { systemsQuery } from '../api/queries'
import type { CheckItem, InterventionRequest, WatchSheet } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { FieldForm, fieldsOf } from '../log/FieldForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { shortDay } from '../units/day'
import { PlanMoveForm } from './PlanMoveForm'
import { useWrite } from '../log/useWrite'
const LOOKS_SHOWN = 3

/** The watch of one fish: its state in words, one tap for a look, the ladder when it is chased. */
export function WatchBox({ watch }: { watch: WatchSheet }) {
    const { today } = useKeeper()
    const when = (at: string): string =>
        `${at.slice(0, 10) === today ? '' : `${shortDay(at.slice(0, 10), today)} `}${at.slice(11)}`
    const missed = watch.rounds.filter((one) => one.state === 'missed').length
    const next = watch.rounds.find((one) => one.state === 'due' || one.state === 'to-come')
    return (
        <Box
            id={`watch-${watch.id}`}
            paddingBlock="12px"
            borderBottom="1px solid"
            borderColor="ink"
            display="flex"
            flexDirection="column"
            gap="10px"
        >
            <Box>
                <chakra.h3 fontSize="19px" fontWeight={800}>
                    <Link to="/fish/$id" params={{ id: watch.fish_id }}>
                        {watch.name}
                    </Link>{' '}
                    <chakra.span fontWeight={400} color="ink2" fontSize="16px">
                        {watch.home}, {messages.moves.watch.began({ when: when(watch.began_at) })}
                    </chakra.span>
                </chakra.h3>
                <chakra.p fontWeight={700} color={watchColour(watch)}>
                    {watch.sentence}
                </chakra.p>
                <chakra.p color="ink2">
                    {next !== undefined && messages.moves.watch.next({ when: when(next.at), why: next.why })}{' '}
                    {missed > 0 && (
                        <chakra.span color="over" fontWeight={700}>
                            {messages.moves.watch.missed({ n: missed })}
                        </chakra.span>
                    )}
                </chakra.p>
            </Box>
            <Look watch={watch} />
            {watch.advice !== null && <Advice watch={watch} />}
            {watch.tried.map((one) => (
                <Tried
                    key={one.id}
                    id={one.id}
                    words={one.words}
                    at={when(one.at)}
                    stopAt={one.stop_at}
                    success={one.success}
                />
            ))}
            <chakra.ul color="ink2" fontSize="15px">
                {watch.checks.slice(0, LOOKS_SHOWN).map((check) => (
                    <li key={check.id}>
                        {when(check.at)}:{' '}
                        {[
                            ...check.troubles.map((one) => messages.labels.items[one as CheckItem]),
                            check.chased_by === null
                                ? ''
                                : messages.moves.watch.chasedBy({ name: check.chased_by }),
                            check.has_eaten ? messages.moves.watch.ate : '',
                        ]
                            .filter((part) => part !== '')
                            .join(', ') || messages.moves.watch.allGood.toLowerCase()}
                        {check.note === null ? '' : ` · ${check.note}`}
                    </li>
                ))}
            </chakra.ul>
            <End watch={watch} />
        </Box>
    )
}

interface Values {
    troubles: readonly CheckItem[]
    has_eaten: boolean
    chased_by_id: string
    note: string
}

const NOTHING_SEEN: Values = { troubles: [], has_eaten: false, chased_by_id: '', note: '' }

const { Text, Choice, Check } = fieldsOf<Values>()

function Look({ watch }: { watch: WatchSheet }) {
    const home = (useQuery(systemsQuery).data ?? []).find(({ id }) => id === watch.system_id)
    const form = useForm<Values>({ defaultValues: NOTHING_SEEN })
    const [troubles, chasedBy] = useWatch({ control: form.control, name: ['troubles', 'chased_by_id'] })
    const look = useWrite(
        'POST',
        '/api/v1/watches/{watch}/checks',
        { watch: watch.id },
        {
            notice: () => messages.moves.watch.looked({ name: watch.name }),
            undo: (recorded) => write('DELETE', '/api/v1/watch-checks/{check}', { check: recorded.id }),
            onDone: () => form.reset(NOTHING_SEEN),
        },
    )
    const isGood = troubles.length === 0 && chasedBy === ''
    return (
        <FieldForm
            form={form}
            entry={look}
            act={isGood ? messages.moves.watch.allGood : messages.moves.watch.look}
            onSave={({ troubles: seen, has_eaten, chased_by_id, note }) =>
                look.save({
                    troubles: [...seen],
                    has_eaten,
                    chased_by_id: chased_by_id === '' ? null : Number(chased_by_id),
                    note: note === '' ? null : note,
                })
            }
        >
            <Troubles
                items={watch.items}
                chosen={troubles}
                onChange={(chosen) => form.setValue('troubles', chosen)}
            />
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="10px" alignItems="end">
                <Choice
                    name="chased_by_id"
                    label={messages.moves.watch.chased}
                    options={[
                        { value: '', text: messages.moves.watch.nobody },
                        ...(home?.fish ?? [])
                            .filter(({ id }) => id !== watch.fish_id)
                            .map(({ id, name }) => ({ value: String(id), text: name })),
                    ]}
                />
                <Text name="note" label={messages.moves.watch.note} />
            </Box>
            <Check name="has_eaten" label={messages.moves.watch.eaten} />
        </FieldForm>
    )
}

interface TroublesProps {
    items: readonly CheckItem[]
    chosen: readonly CheckItem[]
    onChange: (chosen: readonly CheckItem[]) => void
}

/** What is wrong, by touch. */
function Troubles({ items, chosen, onChange }: TroublesProps) {
    return (
        <Box display="flex" flexWrap="wrap" gap="8px" role="group" aria-label={messages.moves.watch.title}>
            {items.map((item) => {
                const isOn = chosen.includes(item)
                return (
                    <Button
                        key={item}
                        minHeight="50px"
                        paddingInline="12px"
                        aria-pressed={isOn}
                        borderColor={isOn ? 'over' : 'edge'}
                        color={isOn ? 'over' : 'ink'}
                        onClick={() =>
                            onChange(isOn ? chosen.filter((other) => other !== item) : [...chosen, item])
                        }
                    >
                        {isOn ? '✓ ' : ''}
                        {messages.labels.items[item]}
                    </Button>
                )
            })}
        </Box>
    )
}

function Advice({ watch }: { watch: WatchSheet }) {
    const [stopAt, setStopAt] = useState('')
    const [chosen, choose] = useState<InterventionRequest['intervention'] | null>(null)
    const advice = watch.advice
    const attempt = useWrite(
        'POST',
        '/api/v1/watches/{watch}/interventions',
        { watch: watch.id },
        {
            notice: (_, body) =>
                messages.moves.watch.tried({
                    what: messages.moves.watch.measures[body.intervention ?? 'distract'].toLowerCase(),
                }),
            undo: (recorded) =>
                write('DELETE', '/api/v1/watch-interventions/{intervention}', { intervention: recorded.id }),
        },
    )
    if (advice === null) {
        return null
    }
    return (
        <Box borderInlineStart="6px solid" borderColor="close" paddingInlineStart="12px">
            <p>
                <b>
                    {messages.moves.watch.advice} {advice.words}.
                </b>{' '}
                {advice.why}
            </p>
            <Box display="flex" gap="10px" alignItems="end" flexWrap="wrap">
                <Box width="170px">
                    <TextField
                        label={messages.moves.watch.stopAt}
                        type="time"
                        value={stopAt}
                        onChange={setStopAt}
                        error={attempt.fieldError('stop_at')}
                    />
                </Box>
                <Box width="230px">
                    <ChoiceField
                        label={messages.moves.watch.measure}
                        options={optionsOf(messages.moves.watch.measures)}
                        value={chosen ?? advice.intervention}
                        onChange={(value) => choose(value as InterventionRequest['intervention'])}
                    />
                </Box>
                <Button
                    onClick={() =>
                        attempt.save({
                            intervention: chosen ?? advice.intervention,
                            stop_at: stopAt === '' ? null : stopAt,
                        })
                    }
                >
                    {messages.moves.watch.tryIt}
                </Button>
            </Box>
        </Box>
    )
}

function Tried({
    id,
    words,
    at,
    stopAt,
    success,
}: {
    id: number
    words: string
    at: string
    stopAt: string | null
    success: string | null
}) {
    const judge = useWrite('PUT', '/api/v1/watch-interventions/{intervention}', { intervention: id }, {})
    return (
        <Box display="grid" gridTemplateColumns="minmax(0, 1fr) 190px" gap="10px" alignItems="center">
            <span>
                {at}: {words}
                {stopAt === null
                    ? ''
                    : `; ${messages.moves.watch.comesOut({ stop: messages.moves.watch.stopAt.toLowerCase(), at: stopAt })}`}
            </span>
            <ChoiceField
                label={messages.moves.watch.outcome}
                options={[
                    { value: '', text: messages.moves.watch.unknown },
                    ...Object.entries(messages.moves.watch.successes).map(([value, text]) => ({
                        value,
                        text,
                    })),
                ]}
                value={success ?? ''}
                onChange={(value) =>
                    judge.save({
                        success: value === '' ? null : (value as NonNullable<InterventionRequest['success']>),
                    })
                }
            />
        </Box>
    )
}

function End({ watch }: { watch: WatchSheet }) {
    const [open, setOpen] = useState(false)
    const end = useWrite(
        'PUT',
        '/api/v1/watches/{watch}/end',
        { watch: watch.id },
        {
            notice: () => messages.moves.watch.settled({ name: watch.name }),
            undo: () => write('PUT', '/api/v1/watches/{watch}/end', { watch: watch.id }, { how: 'going-on' }),
        },
    )
    const out = useWrite(
        'POST',
        '/api/v1/watches/{watch}/take-out',
        { watch: watch.id },
        {
            notice: () => messages.moves.watch.takenOut({ name: watch.name, refuge: watch.refuge ?? '' }),
            undo: async (sheet) => {
                await write('POST', '/api/v1/move-sheets/{sheet}/take-back', { sheet: sheet.id })
                return write('PUT', '/api/v1/watches/{watch}/end', { watch: watch.id }, { how: 'going-on' })
            },
        },
    )
    return (
        <Box display="flex" flexWrap="wrap" gap="10px">
            {out.error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600} width="100%">
                    {out.error}
                </chakra.p>
            )}
            {watch.outcome === 'settled' && (
                <Button onClick={() => end.save({ how: 'settled' })}>{messages.moves.watch.settle}</Button>
            )}
            {watch.refuge !== null && (
                <Button
                    variant={watch.outcome === 'take-out' ? 'solid' : 'outline'}
                    disabled={out.isSaving}
                    onClick={() => out.save()}
                >
                    {messages.moves.watch.takeOutNow({ refuge: watch.refuge })}
                </Button>
            )}
            <Button variant="plain" onClick={() => setOpen(true)}>
                {messages.moves.watch.takeOut}
            </Button>
            <PaperDialog title={messages.moves.watch.takeOut} open={open} onClose={() => setOpen(false)}>
                {open && (
                    <PlanMoveForm
                        fish={watch.fish_id}
                        from={watch.system_id}
                        isTimeOut
                        onDone={() => setOpen(false)}
                    />
                )}
            </PaperDialog>
        </Box>
    )
}
