import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { write } from '../api/client'
import type { BroodSheet } from '../api/types'
import { TextField } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { broodWords as words } from '../messages/brood'
import { spanWords } from './Broods'

type Step = BroodSheet['steps'][number]

/** What comes when: ticked, left out, or set to a day that the keeper knows better. */
export function BroodSteps({ brood, today }: { brood: BroodSheet; today: string }) {
    return (
        <chakra.ul listStyleType="none" padding="0">
            {brood.steps.map((step) => (
                <One key={step.kind} brood={brood.id} step={step} today={today} />
            ))}
        </chakra.ul>
    )
}

function One({ brood, step, today }: { brood: number; step: Step; today: string }) {
    const [isMore, showMore] = useState(false)
    const as = (changed: Partial<Pick<Step, 'is_done' | 'is_left_out'>> & { on?: string | null }) => ({
        is_done: step.is_done,
        is_left_out: step.is_left_out,
        on: step.is_moved ? step.from : null,
        ...changed,
    })
    const address = { brood, kind: step.kind }
    const change = useWrite('PUT', '/api/v1/broods/{brood}/steps/{kind}', address, {
        notice: () => `${step.words}.`,
        undo: () => write('PUT', '/api/v1/broods/{brood}/steps/{kind}', address, as({})),
    })
    const doneWord = step.is_stage ? words.seen : words.done
    return (
        <chakra.li borderBottom="1px solid" borderColor="rule" paddingBlock="4px">
            <Box
                display="grid"
                gridTemplateColumns="minmax(0, 1fr) auto auto"
                gap="10px"
                alignItems="center"
                color={step.is_left_out ? 'ink2' : step.is_late ? 'over' : 'ink'}
            >
                <Told step={step} today={today} />
                <Button
                    variant={step.is_due && !step.is_done ? 'solid' : 'outline'}
                    disabled={change.isSaving || step.is_left_out}
                    aria-label={`${step.is_done ? words.notDone : doneWord}: ${step.words}`}
                    onClick={() => change.save(as({ is_done: !step.is_done }))}
                >
                    {step.is_done ? words.notDone : doneWord}
                </Button>
                <Button
                    variant="plain"
                    aria-expanded={isMore}
                    aria-label={`${words.day}: ${step.words}`}
                    onClick={() => showMore(!isMore)}
                >
                    {words.day}
                </Button>
            </Box>
            {isMore && (
                <Box display="flex" flexWrap="wrap" gap="10px" alignItems="end" paddingBlock="6px">
                    <TextField
                        label={words.moveDay}
                        type="date"
                        value={step.from}
                        onChange={(on) => on !== '' && change.save(as({ on }))}
                        error={change.fieldError('on')}
                    />
                    {step.is_moved && (
                        <Button onClick={() => change.save(as({ on: null }))}>{words.asUsual}</Button>
                    )}
                    <Button
                        variant="plain"
                        onClick={() => change.save(as({ is_left_out: !step.is_left_out }))}
                    >
                        {step.is_left_out ? words.bringBack : words.leaveOut}
                    </Button>
                </Box>
            )}
        </chakra.li>
    )
}

function Told({ step, today }: { step: Step; today: string }) {
    const isOver = step.is_done || step.is_left_out
    return (
        <span>
            <chakra.b textDecoration={isOver ? 'line-through' : undefined}>{step.words}</chakra.b>
            <chakra.span color={step.is_late ? 'over' : 'ink2'}>
                {' '}
                {spanWords(step.from, step.until, today)}
                {step.is_late ? `, ${words.late}` : ''}
            </chakra.span>
        </span>
    )
}
