import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { FeedingRow } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { Waiting } from '../frame/Waiting'
import { foodWords } from '../messages/food'
import { Help } from '../settings/Columns'
import { MealDialog } from './MealDialog'
import { feedingQuery } from './queries'
import { useFed } from './useFed'
import { useLongPress } from './useLongPress'

const words = foodWords.round

/** The round of feeding, home by home: one tap when all was eaten. */
export function FeedingRound() {
    return <Waiting query={useQuery(feedingQuery)}>{(rows) => <Round rows={rows} />}</Waiting>
}

function Round({ rows }: { rows: readonly FeedingRow[] }) {
    const wanted = rows.filter((row) => row.is_fed || row.meals.length > 0)
    return (
        <Section title={words.title}>
            {wanted.length === 0 && <Help>{words.nobody}</Help>}
            <chakra.ul>
                {wanted.map((row) => (
                    <FeedingLine
                        key={`${row.system_id} ${row.fish_id ?? ''}`}
                        row={row}
                        name={row.fish_id === null ? row.system : `${row.names}, ${row.system}`}
                    />
                ))}
            </chakra.ul>
            {wanted.length > 0 && <Help>{words.hold}</Help>}
        </Section>
    )
}

/** Who is fed in one go, with what, and how it went. */
export function FeedingLine({ row, name }: { row: FeedingRow; name: string }) {
    const [isOpen, setOpen] = useState(false)
    const { role } = useKeeper()
    const fed = useFed(row)
    const press = useLongPress(fed.feed, () => setOpen(true))
    const last = row.meals[row.meals.length - 1]
    const isDone = row.meals.length >= row.times || (last !== undefined && last.outcome !== 'eaten')
    return (
        <chakra.li
            display="grid"
            gridTemplateColumns="30px minmax(0, 1fr) auto"
            columnGap="10px"
            alignItems="center"
            minHeight="60px"
            borderBottom="1px solid"
            borderColor="rule"
            paddingBlock="6px"
        >
            <StateBox state={last === undefined ? 'due' : 'done'} />
            <Box minWidth="0">
                <b>{name}</b>
                <Box color="ink2">
                    {row.says}
                    {row.medicine !== null && (
                        <chakra.b color="over"> {words.medicine({ medicine: row.medicine })}</chakra.b>
                    )}
                </Box>
                {last !== undefined && (
                    <Box>
                        {last.time} {words.today[last.outcome]}
                        {row.times > 1 && ` · ${words.again({ n: row.meals.length, of: row.times })}`}
                    </Box>
                )}
                {row.refusals.map((refusal) => (
                    <Box key={refusal} color="close">
                        {refusal}
                    </Box>
                ))}
            </Box>
            {role !== 'viewer' && (
                <Box display="flex" flexDirection={{ base: 'column', md: 'row' }} gap="6px">
                    <Button
                        variant={isDone ? 'plain' : 'outline'}
                        minWidth="84px"
                        aria-label={words.fedLabel({ names: row.names })}
                        disabled={fed.isSaving}
                        {...press}
                    >
                        {words.fed}
                    </Button>
                    <Button
                        variant="plain"
                        aria-label={words.otherLabel({ names: row.names })}
                        onClick={() => setOpen(true)}
                    >
                        {words.other}
                    </Button>
                </Box>
            )}
            {fed.error !== undefined && (
                <chakra.p role="alert" gridColumn="2 / -1" color="over">
                    {fed.error}
                </chakra.p>
            )}
            <MealDialog row={row} isOpen={isOpen} onClose={() => setOpen(false)} />
        </chakra.li>
    )
}
