import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { FeedingRow, FishRow } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { Waiting } from '../frame/Waiting'
import { foodWords } from '../messages/food'
import { Help } from '../settings/Columns'
import { money } from '../units/money'
import { whole } from './cost'
import { FeedingLine } from './FeedingLine'
import { PlanDialog } from './PlanDialog'
import { homeFeedingQuery } from './queries'
import { useMayKeep } from './useMayKeep'
import { useMeal } from './useMeal'

const words = foodWords.home

/** What a fish is fed, by itself or with the others, and what it costs. */
export function FishFeeding({ fish, system }: { fish: FishRow; system: number }) {
    const { currency, role } = useKeeper()
    const query = useQuery(homeFeedingQuery(system))
    return (
        <Fold title={words.title}>
            <Waiting query={query} isQuiet>
                {({ tables, of_fish: costs }) => {
                    const row = tables.find((one) => one.fish.includes(fish.id))
                    const own = costs.find((one) => one.fish_id === fish.id)
                    return (
                        <>
                            {row !== undefined && (
                                <chakra.ul>
                                    <FeedingLine row={row} name={withWhom(row)} isNarrow />
                                </chakra.ul>
                            )}
                            {own !== undefined && (
                                <Help>
                                    {words.fishYear({
                                        whole: money(whole(own.cost), currency),
                                        food: money(own.cost.food, currency),
                                    })}
                                    {own.paid > 0 && ` ${words.paid({ sum: money(own.paid, currency) })}`}
                                </Help>
                            )}
                            {row !== undefined && role !== 'viewer' && <Acts fish={fish} row={row} />}
                        </>
                    )
                }}
            </Waiting>
        </Fold>
    )
}

function withWhom({ fish_id: byItself, fish, names }: FeedingRow): string {
    if (fish.length === 1) {
        return byItself === null ? words.alone : words.byItself
    }
    return words.withOthers({ names })
}

function Acts({ fish, row }: { fish: FishRow; row: FeedingRow }) {
    const [isPlanned, setPlanned] = useState(false)
    const { today } = useKeeper()
    const mayKeep = useMayKeep()
    // What all are given stands with all; here is what was seen of one.
    const left = useMeal(row, () => foodWords.round.doneRefused({ names: fish.name }))
    const seen = useMeal(row, () => words.ateAgain({ name: fish.name }))
    const error = left.error ?? seen.error
    const isShared = row.fish_id === null && row.fish.length > 1
    const alone: FeedingRow = isShared
        ? { ...row, fish_id: fish.id, fish: [fish.id], names: fish.name, plan: null }
        : row
    return (
        <Box display="flex" flexWrap="wrap" gap="8px" paddingTop="8px">
            {row.refusals.some((one) => one.fish_id === fish.id) && (
                <Button
                    disabled={seen.isSaving}
                    onClick={() => seen.save({ fish_id: fish.id, date: today, outcome: 'eaten', given: [] })}
                >
                    {words.eatsAgain}
                </Button>
            )}
            <Button
                disabled={left.isSaving}
                onClick={() => left.save({ fish_id: fish.id, date: today, outcome: 'refused', given: [] })}
            >
                {words.left}
            </Button>
            {mayKeep && (
                <Button variant="plain" onClick={() => setPlanned(true)}>
                    {isShared ? words.apart : words.plan}
                </Button>
            )}
            {error !== undefined && <p role="alert">{error}</p>}
            <PlanDialog row={isPlanned ? alone : null} onClose={() => setPlanned(false)} />
        </Box>
    )
}
