import { Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { write } from '../api/client'
import type { AlarmRow, SystemPage } from '../api/types'
import { useDelete } from '../entry/useUndo'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { shortDay } from '../units/day'
import { percent } from '../units/share'

const LISTED = 8

/** Tests and works in one list, newest first. */
export function WaterEntries({ page }: { page: SystemPage }) {
    const { today } = useKeeper()
    const [allShown, showAll] = useState(false)
    const takeOut = useDelete('/api/v1/water-tests')
    const entries = [
        ...page.tests.map((test) => ({
            key: `test-${test.id}`,
            remove: () => write('DELETE', '/api/v1/water-tests/{test}', { test: test.id }),
            date: test.date,
            words: test.values
                .map((one) => `${shortNames[one.quantity] ?? ''} ${one.said}`.trim())
                .join(', '),
            note: test.note,
        })),
        ...page.works.map((work) => ({
            key: `work-${work.id}`,
            remove: () => write('DELETE', '/api/v1/water-works/{work}', { work: work.id }),
            date: work.date,
            words: `${messages.labels.works[work.kind]}${work.share === null ? '' : `, ${percent(work.share)}`}`,
            note: null,
        })),
    ].sort((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : 0))
    return (
        <Section title={systemsWords.water.tests}>
            {entries.length === 0 && (
                <chakra.p color="ink2" paddingTop="6px">
                    {systemsWords.water.noEntries}
                </chakra.p>
            )}
            <chakra.ol>
                {entries.slice(0, allShown ? undefined : LISTED).map((entry) => (
                    <chakra.li
                        key={entry.key}
                        display="grid"
                        gridTemplateColumns="76px minmax(0, 1fr) auto"
                        gap="10px"
                        alignItems="center"
                        borderBottom="1px solid"
                        borderColor="rule"
                        minHeight="44px"
                    >
                        <chakra.span color="ink2">{shortDay(entry.date, today)}</chakra.span>
                        <span>
                            {entry.words}
                            {entry.note !== null && <chakra.span color="ink2"> · {entry.note}</chakra.span>}
                        </span>
                        <Button
                            variant="plain"
                            aria-label={`${systemsWords.water.takeOut}: ${entry.words}`}
                            onClick={() => takeOut(entry.remove)}
                        >
                            {systemsWords.water.takeOut}
                        </Button>
                    </chakra.li>
                ))}
            </chakra.ol>
            {entries.length > LISTED && !allShown && (
                <Button variant="plain" onClick={() => showAll(true)}>
                    {systemsWords.water.moreEntries({ n: entries.length - LISTED })}
                </Button>
            )}
        </Section>
    )
}

/** What says by its unit what it is has none. */
const shortNames: Partial<Record<AlarmRow['quantity'], string>> = systemsWords.water.shortNames
