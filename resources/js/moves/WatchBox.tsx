import { messages } from '../messages'
import { movesWords } from '../messages/moves'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { write } from '../api/client'
import type { CheckItem, InterventionRequest, LookRow, WatchSheet } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { lookedAt } from './lookedAt'
import { PlanMoveForm } from './PlanMoveForm'
import { useWrite } from '../entry/useWrite'

const LOOKS_SHOWN = 3

/** One fish that is watched: what to try when it is chased, what was tried and seen, and how the watch ends. */
export function WatchBox({ watch }: { watch: WatchSheet }) {
    const { today } = useKeeper()
    return (
        <Box display="flex" flexDirection="column" gap="10px">
            {watch.advice !== null && <Advice watch={watch} />}
            {watch.tried.map((one) => (
                <Tried
                    key={one.id}
                    id={one.id}
                    words={one.words}
                    at={lookedAt(one.at, today)}
                    stopAt={one.stop_at}
                    success={one.success}
                />
            ))}
            <chakra.ul color="ink2" fontSize="note">
                {watch.checks.slice(0, LOOKS_SHOWN).map((check) => (
                    <li key={check.id}>
                        {lookedAt(check.at, today)}: {seenWords(check)}
                        {check.note === null ? '' : ` · ${check.note}`}
                    </li>
                ))}
            </chakra.ul>
            <End watch={watch} />
        </Box>
    )
}

/** What was seen, in a line. */
function seenWords(check: LookRow): string {
    const words = movesWords.watch
    const seen = [
        ...check.troubles.map((trouble) => messages.labels.items[trouble as CheckItem]),
        check.chased_by === null ? '' : words.chasedBy({ name: check.chased_by }),
        check.chases === null ? '' : words.chases({ name: check.chases }),
        check.has_eaten ? words.ate : '',
    ].filter((part) => part !== '')
    return seen.join(', ') || messages.today.allGood.toLowerCase()
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
                movesWords.watch.tried({
                    what: movesWords.watch.measures[body.intervention ?? 'distract'].toLowerCase(),
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
                    {movesWords.watch.advice} {advice.words}.
                </b>{' '}
                {advice.why}
            </p>
            <Box display="flex" gap="10px" alignItems="end" flexWrap="wrap">
                <Box width="170px">
                    <TextField
                        label={movesWords.watch.stopAt}
                        type="time"
                        value={stopAt}
                        onChange={setStopAt}
                        error={attempt.fieldError('stop_at')}
                    />
                </Box>
                <Box width="230px">
                    <ChoiceField
                        label={movesWords.watch.measure}
                        options={optionsOf(movesWords.watch.measures)}
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
                    {movesWords.watch.tryIt}
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
                    : `; ${movesWords.watch.comesOut({ stop: movesWords.watch.stopAt.toLowerCase(), at: stopAt })}`}
            </span>
            <ChoiceField
                label={movesWords.watch.outcome}
                options={[
                    { value: '', text: movesWords.watch.unknown },
                    ...Object.entries(movesWords.watch.successes).map(([value, text]) => ({
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
            notice: () => movesWords.watch.settled({ name: watch.name }),
            undo: () => write('PUT', '/api/v1/watches/{watch}/end', { watch: watch.id }, { how: 'going-on' }),
        },
    )
    const out = useWrite(
        'POST',
        '/api/v1/watches/{watch}/take-out',
        { watch: watch.id },
        {
            notice: () => movesWords.watch.takenOut({ name: watch.name, refuge: watch.refuge ?? '' }),
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
                <Button onClick={() => end.save({ how: 'settled' })}>{movesWords.watch.settle}</Button>
            )}
            {watch.outcome === 'take-out' && watch.refuge === null && (
                <chakra.p width="100%">{movesWords.watch.noRefuge}</chakra.p>
            )}
            {watch.refuge !== null && (
                <Button
                    variant={watch.outcome === 'take-out' ? 'solid' : 'outline'}
                    disabled={out.isSaving}
                    onClick={() => out.save()}
                >
                    {movesWords.watch.takeOutNow({ refuge: watch.refuge })}
                </Button>
            )}
            <Button variant="plain" onClick={() => setOpen(true)}>
                {movesWords.watch.takeOut}
            </Button>
            <PaperDialog title={movesWords.watch.takeOut} open={open} onClose={() => setOpen(false)}>
                {open && (
                    <PlanMoveForm
                        fish={watch.fish_id}
                        from={watch.system_id}
                        isTimeOut
                        onCancel={() => setOpen(false)}
                    />
                )}
            </PaperDialog>
        </Box>
    )
}
