import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { FeedingRow, HomeFeeding as Feeding } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { useWidth } from '../frame/useWidth'
import { Waiting } from '../frame/Waiting'
import { foodWords } from '../messages/food'
import { Help } from '../settings/Columns'
import { dailyMass } from '../units/mass'
import { money } from '../units/money'
import { whole } from './cost'
import { FeedingLine } from './FeedingLine'
import { FedWeeks } from './FedWeeks'
import { PlanDialog } from './PlanDialog'
import { homeFeedingQuery } from './queries'
import { useMayKeep } from './useMayKeep'

const words = foodWords.home

/** What a system is fed, how that went week by week, and what it costs. */
export function HomeFeeding({ system }: { system: number }) {
    const query = useQuery(homeFeedingQuery(system))
    return (
        <Section title={words.title}>
            <Waiting query={query} isQuiet>
                {(feeding) => <Sheet feeding={feeding} />}
            </Waiting>
        </Section>
    )
}

function Sheet({ feeding }: { feeding: Feeding }) {
    const [planned, setPlanned] = useState<FeedingRow | null>(null)
    const [box, width] = useWidth<HTMLDivElement>()
    const { units, currency } = useKeeper()
    const mayKeep = useMayKeep()
    const { food, water, power } = feeding.year
    return (
        <Box>
            {feeding.findings.map((finding) => (
                <chakra.p key={finding} paddingTop="8px" fontWeight={600}>
                    {finding}
                </chakra.p>
            ))}
            {feeding.tables.map((row) => (
                <Box key={row.fish_id ?? 0}>
                    <chakra.ul>
                        <FeedingLine row={row} name={row.names} />
                    </chakra.ul>
                    <Box
                        display="flex"
                        flexWrap="wrap"
                        justifyContent="space-between"
                        alignItems="center"
                        color="ink2"
                    >
                        {words.perDay({ amount: dailyMass(row.ration_g, units) })}
                        {mayKeep && (
                            <Button
                                variant="plain"
                                aria-label={words.planOf({ name: row.names })}
                                onClick={() => setPlanned(row)}
                            >
                                {words.plan}
                            </Button>
                        )}
                    </Box>
                </Box>
            ))}
            <Box ref={box} paddingTop="10px">
                {feeding.weeks.length === 0 ? (
                    <Help>{words.weeksNone}</Help>
                ) : (
                    width > 0 && <FedWeeks weeks={feeding.weeks} today={feeding.date} width={width} />
                )}
            </Box>
            <Help>
                {words.year({
                    whole: money(whole(feeding.year), currency),
                    food: money(food, currency),
                    water: money(water, currency),
                    power: money(power, currency),
                })}
                {feeding.paid > 0 && ` ${words.paid({ sum: money(feeding.paid, currency) })}`}
            </Help>
            <PlanDialog row={planned} onClose={() => setPlanned(null)} />
        </Box>
    )
}
