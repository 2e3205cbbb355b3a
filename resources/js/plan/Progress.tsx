import { Box, Button, chakra } from '@chakra-ui/react'
import type { PlanRow } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { planWords } from '../messages/plan'
import { percent } from '../units/share'

const words = planWords.ask

/** How far a plan that is worked out has come, at the head of the sheet, and the way to end it. */
export function Progress({ plan }: { plan: PlanRow }) {
    const stop = useWrite('POST', '/api/v1/plans/{plan}/stop', { plan: plan.id })
    return (
        <Box
            display="flex"
            gap="8px 14px"
            alignItems="center"
            flexWrap="wrap"
            width={{ base: '100%', lg: 'auto' }}
            className="no-print"
        >
            <chakra.progress
                max={1}
                value={plan.proven ?? undefined}
                width={{ base: '100%', lg: '180px' }}
                aria-label={words.begun}
            />
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
            <Button disabled={plan.is_stop_asked || stop.isSaving} onClick={() => stop.save(undefined)}>
                {plan.is_stop_asked ? words.stopping : words.stop}
            </Button>
        </Box>
    )
}
