import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { mendsQuery } from '../api/queries'
import type { Mend, MendsSheet } from '../api/types'
import { Figures } from '../frame/Figures'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
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
        <Fold title={words.title} says={sheet.mends.length === 0 ? words.none : words.more}>
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
        </Fold>
    )
}

function List({ mends, ...props }: Props & { mends: readonly Mend[] }) {
    return (
        <chakra.ul listStyleType="none" padding="0">
            {mends.map((mend) => (
                <Row key={`${mend.system_id} ${mend.what}`} mend={mend} {...props} />
            ))}
        </chakra.ul>
    )
}

function Row({ mend, ...props }: Props & { mend: Mend }) {
    const { today, currency } = useKeeper()
    const by = mend.by <= today ? words.today : words.byDay({ day: longDay(mend.by, today) })
    return (
        <chakra.li
            display="flex"
            gap="4px 16px"
            justifyContent="space-between"
            alignItems="center"
            borderBottom="1px solid"
            borderColor="rule"
            padding="8px 0"
        >
            <Box>
                <p>{mend.what}</p>
                <chakra.p color="ink2">
                    {[
                        by,
                        priceOf(mend, currency),
                        ...(mend.for.length > 0 ? [words.forWhom({ names: mend.for.join(', ') })] : []),
                        ...(mend.days === null ? [] : [words.daysOf({ days: mend.days, of: mend.of_days })]),
                    ].join('; ')}
                </chakra.p>
            </Box>
            <With mend={mend} {...props} />
        </chakra.li>
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
            flex="none"
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
