import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { Aim, PlanRow, Supposed } from '../api/types'
import { Fold } from '../frame/Fold'
import { CheckField } from '../entry/CheckField'
import { ChoiceField, optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { planWords } from '../messages/plan'
import { percent } from '../units/share'
import { Locks } from './Locks'
import type { Lock } from './locks'
import { asBody } from './locks'

const words = planWords.ask
const MONTHS = [6, 12, 24, 36]

/** What matters, how far to look, and off it goes; while it is worked out, how far it is. */
export function AskForm({
    locks,
    onLocks,
    supposed,
    underWay,
    hasPlan,
    onAsked,
}: {
    supposed: readonly Supposed[]
    underWay: PlanRow | undefined
    hasPlan: boolean
    onAsked: (plan: number) => void
    locks: readonly Lock[]
    onLocks: (locks: readonly Lock[]) => void
}) {
    const [aim, setAim] = useState<Aim>('fewest-moves')
    const [months, setMonths] = useState('24')
    const [mayBuild, setMayBuild] = useState(true)
    const ask = useWrite('POST', '/api/v1/plans', {}, { onDone: ({ id }) => onAsked(id) })
    return (
        <Fold
            key={String(hasPlan)}
            title={words.title}
            beginsOpen={!hasPlan}
            isWanted={underWay !== undefined}
        >
            {underWay === undefined ? (
                <Box display="flex" flexDirection="column" gap="12px" paddingTop="10px">
                    <ChoiceField
                        label={words.aim}
                        value={aim}
                        onChange={(value) => setAim(value as Aim)}
                        options={optionsOf(planWords.aims)}
                        error={ask.fieldError('aim')}
                    />
                    <ChoiceField
                        label={words.months}
                        value={months}
                        onChange={setMonths}
                        options={MONTHS.map((count) => ({
                            value: String(count),
                            text: words.monthsOf({ count }),
                        }))}
                        error={ask.fieldError('months')}
                    />
                    <CheckField label={words.build} checked={mayBuild} onChange={setMayBuild} />
                    <Locks locks={locks} onLocks={onLocks} />
                    <Button
                        variant={hasPlan ? 'outline' : 'solid'}
                        disabled={ask.isSaving}
                        onClick={() =>
                            ask.save({
                                aim,
                                months: Number(months),
                                may_build: mayBuild,
                                locks: locks.map(asBody),
                                supposed: [...supposed],
                            })
                        }
                    >
                        {hasPlan ? words.better : words.propose}
                    </Button>
                    {ask.error !== undefined && (
                        <chakra.p role="alert" color="over" fontWeight={600}>
                            {ask.error}
                        </chakra.p>
                    )}
                </Box>
            ) : (
                <Progress plan={underWay} />
            )}
        </Fold>
    )
}

function Progress({ plan }: { plan: PlanRow }) {
    const stop = useWrite('POST', '/api/v1/plans/{plan}/stop', { plan: plan.id })
    return (
        <Box display="flex" flexDirection="column" gap="10px" paddingTop="10px">
            <p role="status">
                {plan.state === 'waiting'
                    ? words.waiting
                    : plan.proven === null
                      ? words.begun
                      : words.solving({
                            seconds: Math.round(plan.seconds ?? 0),
                            share: percent(plan.proven),
                        })}
            </p>
            <chakra.progress max={1} value={plan.proven ?? undefined} width="100%" aria-label={words.begun} />
            <Button disabled={plan.is_stop_asked || stop.isSaving} onClick={() => stop.save(undefined)}>
                {plan.is_stop_asked ? words.stopping : words.stop}
            </Button>
        </Box>
    )
}
