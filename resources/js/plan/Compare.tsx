import { Button, chakra, Table } from '@chakra-ui/react'
import type { PlanFigures, PlanRow } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { Sideways } from '../frame/Sideways'
import { planWords } from '../messages/plan'
import { shortDay } from '../units/day'
import { money } from '../units/money'
import { Term } from '../terms/Term'

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
    return (
        <Fold title={words.title}>
            <Sideways label={words.title}>
                <Table.Root>
                    <Table.Header>
                        <Table.Row>
                            <Table.ColumnHeader>{words.what}</Table.ColumnHeader>
                            <Table.ColumnHeader>{words.moves}</Table.ColumnHeader>
                            <Table.ColumnHeader>
                                <Term of="breach">{words.days}</Term>
                            </Table.ColumnHeader>
                            <Table.ColumnHeader>{words.openings}</Table.ColumnHeader>
                            <Table.ColumnHeader>{words.perYear}</Table.ColumnHeader>
                            <Table.ColumnHeader>{words.start}</Table.ColumnHeader>
                            <Table.ColumnHeader>{words.done}</Table.ColumnHeader>
                        </Table.Row>
                    </Table.Header>
                    <Table.Body>
                        {plans.map((plan) => (
                            <Row
                                key={plan.id}
                                plan={plan}
                                isSeen={seen === plan.id}
                                onSee={() => onSee(plan.id)}
                            />
                        ))}
                    </Table.Body>
                </Table.Root>
            </Sideways>
            {seen !== null && (
                <Button variant="plain" onClick={() => onSee(null)}>
                    {words.look({
                        name: plans.some(({ is_adopted }) => is_adopted) ? words.followed : words.asItIs,
                    })}
                </Button>
            )}
        </Fold>
    )
}

function Row({ plan, isSeen, onSee }: { plan: PlanRow; isSeen: boolean; onSee: () => void }) {
    const name = plan.is_by_hand ? words.byHand : planWords.aims[plan.aim]
    return (
        <Table.Row>
            <Table.Cell>
                <Button
                    variant="plain"
                    aria-pressed={isSeen}
                    onClick={onSee}
                    aria-label={words.look({ name })}
                >
                    {name}
                </Button>
                {plan.is_adopted && <b> {words.followed}</b>}
                {plan.supposed.map((what) => (
                    <chakra.p key={what} color="ink2" fontSize="note">
                        {words.supposed({ what })}
                    </chakra.p>
                ))}
            </Table.Cell>
            {plan.figures === null ? (
                <Table.Cell colSpan={6}>
                    {plan.problem ?? (plan.state === 'failed' ? planWords.ask.failed : planWords.ask.begun)}
                </Table.Cell>
            ) : (
                <FigureCells figures={plan.figures} />
            )}
        </Table.Row>
    )
}

/** All fish together, and by fish. */
function Days({ figures: { days_out_of_rule: days, days_by_fish: byFish } }: { figures: PlanFigures }) {
    return (
        <>
            {days}
            {byFish.map(({ name, days: own }) => (
                <chakra.p key={name} color="ink2" fontSize="note">
                    {words.daysOf({ name, days: own })}
                </chakra.p>
            ))}
        </>
    )
}

function FigureCells({ figures }: { figures: PlanFigures }) {
    const { today, currency } = useKeeper()
    const day = (on: string | null): string => (on === null ? words.none : shortDay(on, today))
    return [
        String(figures.moves),
        <Days key="days" figures={figures} />,
        figures.openings === 0 ? words.none : `${figures.openings}, ${money(figures.price, currency)}`,
        money(figures.per_year, currency),
        day(figures.latest_start),
        day(figures.done_by),
    ].map((text, i) => (
        <Table.Cell key={i} whiteSpace="nowrap" verticalAlign="middle">
            {text}
        </Table.Cell>
    ))
}
