import { chakra } from '@chakra-ui/react'
import type { PlanPage } from '../api/types'
import { Figures } from '../frame/Figures'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { planWords } from '../messages/plan'
import { longDay } from '../units/day'
import { money } from '../units/money'

/** What a plan opens: by when, for whom, at what price. */
export function ToBuild({ page }: { page: PlanPage }) {
    const { currency } = useKeeper()
    const words = planWords.openings
    return (
        <Section title={words.title}>
            <Figures
                columns={[words.what, words.by, words.start, words.price, words.for]}
                rows={page.openings.map((opening) => [
                    opening.name,
                    longDay(opening.by, page.date),
                    longDay(opening.latest_start, page.date),
                    money(opening.price, currency),
                    opening.for.join(', '),
                ])}
            />
            <chakra.p color="ink2" fontSize="note">
                {words.caution}
            </chakra.p>
        </Section>
    )
}
