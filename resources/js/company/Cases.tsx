import { Box, Button, chakra } from '@chakra-ui/react'
import { write } from '../api/client'
import type { AggressionSheet, Success } from '../api/types'
import { Section } from '../frame/Section'
import { ChoiceField, optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { aggressionWords as words } from '../messages/aggression'
import { longDay } from '../units/day'

interface Props {
    sheet: AggressionSheet
    system: number
    today: string
    /** What the head of the sheet says already. */
    said: string | undefined
}

/** Who suffers now, the one thing to try next, and what was tried. */
export function Cases({ sheet, system, today, said }: Props) {
    if (sheet.cases.length === 0 && sheet.tried.length === 0) {
        return null
    }
    return (
        <Section title={words.cases.title}>
            <Box display="flex" flexDirection="column" gap="10px" paddingTop="8px">
                {sheet.cases.map((one) => (
                    <Case key={one.fish_id} one={one} isSaid={one.words === said} />
                ))}
                {sheet.next !== null && <Next next={sheet.next} system={system} />}
                {sheet.tried.map((attempt) => (
                    <Tried key={attempt.id} attempt={attempt} today={today} />
                ))}
            </Box>
        </Section>
    )
}

function Case({ one, isSaid }: { one: AggressionSheet['cases'][number]; isSaid: boolean }) {
    const settle = useWrite(
        'POST',
        '/api/v1/settlements',
        {},
        {
            notice: () => words.cases.settled({ name: one.name }),
            undo: ({ id }) => write('DELETE', '/api/v1/settlements/{settlement}', { settlement: id }),
        },
    )
    return (
        <Box display="grid" gridTemplateColumns="minmax(0, 1fr) auto" gap="12px" alignItems="center">
            <chakra.p color={one.is_fresh ? 'over' : 'ink'} fontWeight={one.is_fresh ? 700 : 400}>
                {isSaid ? one.name : one.words}
            </chakra.p>
            <Button
                disabled={settle.isSaving}
                aria-label={`${words.cases.settle} ${one.name}`}
                onClick={() => settle.save({ fish_id: one.fish_id })}
            >
                {words.cases.settle}
            </Button>
        </Box>
    )
}

function Next({ next, system }: { next: NonNullable<AggressionSheet['next']>; system: number }) {
    const did = useWrite(
        'POST',
        '/api/v1/systems/{system}/attempts',
        { system },
        {
            notice: () => `${next.words}.`,
            undo: ({ id }) => write('DELETE', '/api/v1/attempts/{attempt}', { attempt: id }),
        },
    )
    return (
        <Box borderInlineStart="6px solid" borderColor="close" paddingInlineStart="12px">
            <p>
                <b>{words.cases.next({ what: next.words.toLowerCase() })}</b> {next.why}{' '}
                {next.experience ?? ''}
            </p>
            <Button
                marginTop="6px"
                disabled={did.isSaving}
                onClick={() => did.save({ intervention: next.intervention, success: null })}
            >
                {words.cases.did}
            </Button>
        </Box>
    )
}

function Tried({ attempt, today }: { attempt: AggressionSheet['tried'][number]; today: string }) {
    const judge = useWrite('PUT', '/api/v1/attempts/{attempt}', { attempt: attempt.id })
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) 236px' }}
            gap="4px 12px"
            alignItems="end"
        >
            <span>
                {longDay(attempt.date, today)}: {attempt.words}
            </span>
            <ChoiceField
                label={words.helped}
                options={[{ value: '', text: words.unknown }, ...optionsOf(words.successes)]}
                value={attempt.success ?? ''}
                onChange={(value) =>
                    judge.save({
                        intervention: attempt.intervention,
                        success: value === '' ? null : (value as Success),
                    })
                }
            />
        </Box>
    )
}
