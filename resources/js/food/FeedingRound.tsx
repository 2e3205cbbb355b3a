import { chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import type { FeedingRow } from '../api/types'
import { Fold } from '../frame/Fold'
import { Waiting } from '../frame/Waiting'
import { foodWords } from '../messages/food'
import { Help } from '../settings/Columns'
import { isFedForToday } from './fedToday'
import { FeedingLine } from './FeedingLine'
import { feedingQuery } from './queries'

const words = foodWords.round

/** The round of feeding, home by home: one tap when all was eaten. */
export function FeedingRound() {
    return (
        <Waiting query={useQuery(feedingQuery)} isQuiet>
            {(rows) => <Round rows={rows} />}
        </Waiting>
    )
}

function Round({ rows }: { rows: readonly FeedingRow[] }) {
    const wanted = rows.filter((row) => row.is_fed || row.meals.length > 0)
    return (
        <Fold
            title={words.title}
            says={words.left({ n: wanted.filter((row) => !isFedForToday(row)).length })}
        >
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
        </Fold>
    )
}
