import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { mendsQuery } from '../api/queries'
import type { Mend, MendsSheet } from '../api/types'
import { Figures } from '../frame/Figures'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { planWords } from '../messages/plan'
import { longDay } from '../units/day'
import { money } from '../units/money'
import type { Draft } from './draft'
import { notSupposing, supposes, supposing } from './draft'

const words = planWords.mends

interface Props {
    draft: Draft
    onDraft: (next: Draft) => void
}

/** What could be done to homes besides moving fish, each with its price and what it ends. */
export function Mends({ plan, ...props }: Props & { plan: number | null }) {
    const sheet = useQuery(mendsQuery(plan)).data
    if (sheet === undefined) {
        return null
    }
    return (
        <Section title={words.title}>
            <chakra.p paddingTop="8px">{sheet.mends.length === 0 ? words.none : words.more}</chakra.p>
            {sheet.mends.length > 0 && <List mends={sheet.mends} {...props} />}
            {sheet.wanted.length > 0 && (
                <chakra.details>
                    <chakra.summary cursor="pointer" minHeight="44px" display="list-item" paddingTop="10px">
                        {words.wanted}
                    </chakra.summary>
                    <List mends={sheet.wanted} {...props} />
                </chakra.details>
            )}
            {sheet.unsolved.length > 0 && <Unsolved unsolved={sheet.unsolved} />}
        </Section>
    )
}

function List({ mends, draft, onDraft }: Props & { mends: readonly Mend[] }) {
    const { today, currency } = useKeeper()
    const isDays = mends.some(({ days }) => days !== null)
    return (
        <Box overflowX="auto">
            <Table.Root>
                <Table.Header>
                    <Table.Row>
                        {[
                            words.what,
                            words.by,
                            words.price,
                            ...(isDays ? [words.days] : []),
                            words.for,
                            '',
                        ].map((name) => (
                            <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                        ))}
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {mends.map((mend) => (
                        <Table.Row key={`${mend.system_id} ${mend.what}`}>
                            <Table.Cell>{mend.what}</Table.Cell>
                            <Table.Cell>{longDay(mend.by, today)}</Table.Cell>
                            <Table.Cell>{priceOf(mend, currency)}</Table.Cell>
                            {isDays && (
                                <Table.Cell>
                                    {words.daysOf({ days: mend.days ?? 0, of: mend.of_days })}
                                </Table.Cell>
                            )}
                            <Table.Cell>{mend.for.join(', ')}</Table.Cell>
                            <Table.Cell>
                                <With mend={mend} draft={draft} onDraft={onDraft} />
                            </Table.Cell>
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
        </Box>
    )
}

/** Once, and what it takes more each year where that is worth a word. */
function priceOf({ price, per_year }: Mend, currency: string | null): string {
    const yearly = Math.abs(per_year) < 1 ? '' : `${money(per_year, currency)} ${words.perYear}`
    return price === 0 && yearly !== '' ? yearly : [money(price, currency), yearly].filter(Boolean).join(', ')
}

function With({ mend, draft, onDraft }: Props & { mend: Mend }) {
    const { supposed } = mend
    if (supposed === null) {
        return null
    }
    const isTaken = supposes(draft, supposed)
    return (
        <Button
            variant="plain"
            className="no-print"
            aria-pressed={isTaken}
            aria-label={words.withNamed({ what: mend.what })}
            css={{ '&[aria-pressed=true]': { background: 'fresh', textDecoration: 'underline' } }}
            onClick={() => onDraft(isTaken ? notSupposing(draft, supposed) : supposing(draft, supposed))}
        >
            {words.with}
        </Button>
    )
}

function Unsolved({ unsolved }: { unsolved: MendsSheet['unsolved'] }) {
    const { today, currency } = useKeeper()
    return (
        <Box paddingTop="12px">
            <b>{words.unsolved}</b>
            <Figures
                columns={[words.who, words.where, words.left, words.cheapest, words.price, words.begin]}
                rows={unsolved.map((one) => [
                    one.name,
                    one.system,
                    one.days,
                    one.home,
                    money(one.price, currency),
                    longDay(one.begin, today),
                ])}
            />
            <chakra.p color="ink2">{words.rehome}</chakra.p>
        </Box>
    )
}
