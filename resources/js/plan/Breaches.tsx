import { chakra } from '@chakra-ui/react'
import type { PlanPage } from '../api/types'
import { Fold } from '../frame/Fold'
import { joined } from '../messages/joined'
import { planWords } from '../messages/plan'
import { longDay } from '../units/day'
import { together } from './breachesTogether'

const words = planWords.breaches

/** What stays out of rule, plan or no plan: who, where, how long and why. */
export function Breaches({ page: { breaches, date } }: { page: PlanPage }) {
    return (
        <Fold title={words.title} says={joined([...new Set(breaches.map(({ name }) => name))])}>
            <chakra.ol listStyleType="none" padding="0">
                {together(breaches).map(({ names, ...breach }) => (
                    <chakra.li
                        key={`${names.join()} ${breach.system} ${breach.from}`}
                        borderBottom="1px solid"
                        borderColor="rule"
                        padding="8px 0"
                    >
                        <b>{words.who({ names: joined(names), home: breach.system })}</b>{' '}
                        {words.when({
                            from: longDay(breach.from, date),
                            until: longDay(breach.until, date),
                            days: breach.days,
                            fish: names.length,
                        })}
                        <chakra.p color="ink2">{breach.says}</chakra.p>
                    </chakra.li>
                ))}
            </chakra.ol>
        </Fold>
    )
}
