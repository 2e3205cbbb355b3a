import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { FeedingRow } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { useKeeper } from '../frame/keeper'
import { foodWords } from '../messages/food'
import { isFedForToday } from './fedToday'
import { MealDialog } from './MealDialog'
import { useFed } from './useFed'
import { useLongPress } from './useLongPress'

const words = foodWords.round

interface Props {
    row: FeedingRow
    name: string
    /** In a narrow column: the buttons stand below each other. */
    isNarrow?: boolean
}

/** Who is fed in one go, with what, and how it went. */
export function FeedingLine({ row, name, isNarrow = false }: Props) {
    const [isOpen, setOpen] = useState(false)
    const { role } = useKeeper()
    const fed = useFed(row)
    const press = useLongPress(fed.feed, () => setOpen(true))
    const last = row.meals[row.meals.length - 1]
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
                {row.refusals.map(({ fish_id: fish, says }) => (
                    <Box key={fish} color="close">
                        {says}
                    </Box>
                ))}
            </Box>
            {role !== 'viewer' && (
                <Box
                    display="flex"
                    flexDirection={isNarrow ? 'column' : { base: 'column', md: 'row' }}
                    gap="6px"
                >
                    <Button
                        variant={isFedForToday(row) ? 'plain' : 'outline'}
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
