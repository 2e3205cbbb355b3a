import { Box, Button } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import type { CostSheet, YearCost } from '../api/types'
import { Figures } from '../frame/Figures'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { useWidth } from '../frame/useWidth'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { foodWords } from '../messages/food'
import { Help } from '../settings/Columns'
import { money } from '../units/money'
import { percent } from '../units/share'
import { whole } from './cost'
import { CostBars } from './CostBars'
import { costsQuery } from './queries'
import { SpendingDialog } from './SpendingDialog'
import { useMayKeep } from './useMayKeep'

const words = foodWords.costs

/** What keeping costs, computed for the year to come, and what was paid. */
export function CostsPage() {
    useNameSheet(words.title)
    return <Waiting query={useQuery(costsQuery)}>{(sheet) => <Sheet sheet={sheet} />}</Waiting>
}

function Sheet({ sheet }: { sheet: CostSheet }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const [isWriting, setWriting] = useState(false)
    const { currency } = useKeeper()
    const of = (kind: keyof YearCost): number => sheet.systems.reduce((sum, one) => sum + one.cost[kind], 0)
    const kinds = (['food', 'water', 'power'] as const)
        .map((kind) => [kind, of(kind)] as const)
        .sort((a, b) => b[1] - a[1])
    const all = kinds.reduce((sum, [, one]) => sum + one, 0)
    const [most] = kinds
    const fish = [...sheet.fish].sort((a, b) => whole(b.cost) - whole(a.cost))
    const { name, food, keeping, whole: inAll } = words.fishColumns
    return (
        <>
            <SheetHead
                sentence={
                    most === undefined || all === 0
                        ? words.headlineNone
                        : words.headline({
                              whole: money(all, currency),
                              share: percent(most[1] / all),
                              most: words.kinds[most[0]],
                          })
                }
                comment={words.comment}
            />
            <Box padding={{ base: '10px 2px 0', md: '10px 10px 0' }} display="flex" gap="16px">
                <Link to="/food">{words.back}</Link>
                <Link to="/rulebook">{words.prices}</Link>
            </Box>
            <SheetBody columns="minmax(0, 11fr) minmax(0, 9fr)">
                <Box ref={box} minWidth="0">
                    <Section title={words.bySystem}>
                        {width > 0 && <CostBars systems={sheet.systems} width={width} />}
                    </Section>
                </Box>
                <Paid sheet={sheet} food={of('food')} onWrite={() => setWriting(true)} />
                <Box gridColumn={{ lg: '1 / -1' }} minWidth="0">
                    <Section title={words.byFish}>
                        <Figures
                            columns={[name, food, keeping, inAll]}
                            rows={fish.map((one) => [
                                one.name,
                                money(one.cost.food, currency),
                                money(one.cost.water + one.cost.power, currency),
                                money(whole(one.cost), currency),
                            ])}
                        />
                    </Section>
                </Box>
            </SheetBody>
            <SpendingDialog sheet={sheet} isOpen={isWriting} onClose={() => setWriting(false)} />
        </>
    )
}

interface PaidProps {
    sheet: CostSheet
    /** As computed for the year to come. */
    food: number
    onWrite: () => void
}

function Paid({ sheet, food, onWrite }: PaidProps) {
    const { currency } = useKeeper()
    const mayKeep = useMayKeep()
    return (
        <Section
            title={words.paid}
            aside={
                mayKeep && (
                    <Button variant="plain" onClick={onWrite}>
                        {words.add}
                    </Button>
                )
            }
        >
            {sheet.paid.length === 0 && <Help>{words.paidNone}</Help>}
            {sheet.paid.map((year) => (
                <Box key={year.year} paddingTop="10px">
                    <b>{words.paidLine({ year: String(year.year), sum: money(year.whole, currency) })}</b>
                    <Box color="ink2">
                        {year.kinds
                            .map((one) => `${paidKind(one.kind)} ${money(one.sum, currency)}`)
                            .join(', ')}
                    </Box>
                </Box>
            ))}
            {sheet.food_fed !== null && (
                <Help>
                    {words.fed({
                        days: sheet.fed_days,
                        sum: money(sheet.food_fed, currency),
                        computed: money(food, currency),
                    })}
                </Help>
            )}
            <Help>{words.rulebook}</Help>
        </Section>
    )
}

const paidKind = (kind: string): string =>
    kind in words.paidKinds ? words.paidKinds[kind as keyof typeof words.paidKinds] : kind
