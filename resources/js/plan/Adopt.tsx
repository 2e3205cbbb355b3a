import { Box, Button, chakra } from '@chakra-ui/react'
import type { PlanRow } from '../api/types'
import { read, write } from '../api/client'
import { useWrite } from '../entry/useWrite'
import { planWords } from '../messages/plan'

const words = planWords.adopt

/** Follow the plan that is seen, or follow it no more; both with a way back. */
export function Adopt({
    plan,
    isEmpty,
    followed,
    onGone,
}: {
    plan: PlanRow
    /** Nobody moves and nothing is built: it can only take the place of one that is followed. */
    isEmpty: boolean
    followed: number | null
    onGone: () => void
}) {
    const adopt = useWrite(
        'PUT',
        '/api/v1/plans/{plan}/adoption',
        { plan: plan.id },
        {
            notice: () => words.adopted,
            undo: () => write('DELETE', '/api/v1/plans/{plan}/adoption', { plan: plan.id }),
        },
    )
    const leave = useWrite(
        'DELETE',
        '/api/v1/plans/{plan}/adoption',
        { plan: plan.id },
        {
            notice: () => words.left,
            undo: () =>
                read('/api/v1/plans', {}).then(({ adopted_id }) =>
                    write(
                        'PUT',
                        '/api/v1/plans/{plan}/adoption',
                        { plan: plan.id },
                        { instead_of: adopted_id },
                    ),
                ),
        },
    )
    const remove = useWrite(
        'DELETE',
        '/api/v1/plans/{plan}',
        { plan: plan.id },
        { notice: () => words.removed, onDone: onGone },
    )
    const error = adopt.error ?? leave.error ?? remove.error
    return (
        <Box display="flex" flexDirection="column" gap="10px" alignItems="flex-start" className="no-print">
            {plan.is_adopted ? (
                <Button onClick={() => leave.save(undefined)}>{words.leave}</Button>
            ) : (
                <Box display="flex" gap="10px" flexWrap="wrap">
                    {(!isEmpty || followed !== null) && (
                        <Button
                            variant="solid"
                            disabled={adopt.isSaving || !plan.can_be_followed}
                            onClick={() => adopt.save({ instead_of: followed })}
                        >
                            {words.adopt}
                        </Button>
                    )}
                    <Button variant="plain" onClick={() => remove.save(undefined)}>
                        {words.remove}
                    </Button>
                </Box>
            )}
            {!plan.is_adopted && !plan.can_be_followed && <chakra.p color="ink2">{words.supposes}</chakra.p>}
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
        </Box>
    )
}
