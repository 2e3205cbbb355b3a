import { Box, Button, Table, chakra } from '@chakra-ui/react'
import type { PlanRow } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { planWords } from '../messages/plan'
import { longDay } from '../units/day'
import { money } from '../units/money'

const words = planWords.compare

/** Up to three plans and the one that is followed, side by side. */
export function Compare({
    plans,
    seen,
    onSee,
}: {
    plans: readonly PlanRow[]
    seen: number | null
    onSee: (plan: number | null) => void
}) {
    const { today, currency } = useKeeper()
    return (
        <Section title={words.title}>
            <Box overflowX="auto">
                <Table.Root>
                    <Table.Header>
                        <Table.Row>
                            {[
                                words.what,
                                words.moves,
                                words.days,
                                words.openings,
                                words.start,
                                words.done,
                            ].map((name) => (
                                <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                            ))}
                        </Table.Row>
                    </Table.Header>
                    <Table.Body>
                        {plans.map((plan) => (
                            <Table.Row key={plan.id}>
                                <Table.Cell>
                                    <Button
                                        variant="plain"
                                        aria-pressed={seen === plan.id}
                                        onClick={() => onSee(plan.id)}
                                        aria-label={words.look({ name: planWords.aims[plan.aim] })}
                                    >
                                        {planWords.aims[plan.aim]}
                                    </Button>
                                    {plan.is_adopted && (
                                        <chakra.span fontWeight={700}> {words.followed}</chakra.span>
                                    )}
                                </Table.Cell>
                                {plan.figures === null ? (
                                    <Table.Cell colSpan={5}>
                                        {plan.problem ??
                                            (plan.state === 'failed'
                                                ? planWords.ask.failed
                                                : planWords.ask.begun)}
                                    </Table.Cell>
                                ) : (
                                    <>
                                        <Table.Cell>{plan.figures.moves}</Table.Cell>
                                        <Table.Cell>{plan.figures.days_out_of_rule}</Table.Cell>
                                        <Table.Cell whiteSpace="nowrap">
                                            {plan.figures.openings === 0
                                                ? words.none
                                                : `${plan.figures.openings}, ${money(plan.figures.price, currency)}`}
                                        </Table.Cell>
                                        <Table.Cell whiteSpace="nowrap">
                                            {plan.figures.latest_start === null
                                                ? ''
                                                : longDay(plan.figures.latest_start, today)}
                                        </Table.Cell>
                                        <Table.Cell whiteSpace="nowrap">
                                            {plan.figures.done_by === null
                                                ? ''
                                                : longDay(plan.figures.done_by, today)}
                                        </Table.Cell>
                                    </>
                                )}
                            </Table.Row>
                        ))}
                    </Table.Body>
                </Table.Root>
            </Box>
            {seen !== null && (
                <Button variant="plain" onClick={() => onSee(null)}>
                    {words.look({
                        name: plans.some(({ is_adopted }) => is_adopted) ? words.followed : words.asItIs,
                    })}
                </Button>
            )}
        </Section>
    )
}
