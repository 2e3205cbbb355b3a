import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import { write } from '../api/client'
import { countsQuery } from '../api/queries'
import type { CountSheet, FishSheet } from '../api/types'
import { Fold } from '../frame/Fold'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'
import { lossWords } from '../messages/losses'
import { CountPicture } from './CountPicture'
import { CountTable } from './CountTable'

const words = lossWords.counts

/** How many of a shoal are believed there, what was counted, what that says, and who may have eaten those missing. */
export function Counts({ sheet }: { sheet: FishSheet }) {
    const counts = useQuery(countsQuery(sheet.fish.id)).data
    const [asTable, showTable] = useState(false)
    if (counts === undefined || (counts.counted.length === 0 && counts.expected.length < 2)) {
        return null
    }
    return (
        <Box paddingTop="24px">
            <Fold
                title={words.title}
                says={counts.sentences.join(' ')}
                anchor="count"
                beginsOpen={counts.proposed !== null}
            >
                <Box paddingTop="8px" display="flex" flexDirection="column" gap="8px">
                    {counts.sentences.length > 0 && <p>{counts.sentences.join(' ')}</p>}
                    {counts.proposed !== null && <Write sheet={sheet} proposed={counts.proposed} />}
                    <Suspects suspects={counts.suspects} />
                    {asTable ? (
                        <CountTable counts={counts} today={sheet.today} />
                    ) : (
                        <CountPicture counts={counts} name={sheet.fish.name} today={sheet.today} />
                    )}
                    <Button variant="plain" alignSelf="start" onClick={() => showTable(!asTable)}>
                        {asTable ? messages.fish.picture : messages.fish.table}
                    </Button>
                </Box>
            </Fold>
        </Box>
    )
}

function Write({ sheet, proposed }: { sheet: FishSheet; proposed: NonNullable<CountSheet['proposed']> }) {
    const { id, name } = sheet.fish
    const { missing, last_seen } = proposed
    const loss = useWrite(
        'POST',
        '/api/v1/fish/{fish}/losses',
        { fish: id },
        {
            notice: () => words.written({ name, missing }),
            undo: (recorded) => write('DELETE', '/api/v1/losses/{loss}', { loss: recorded.id }),
        },
    )
    return (
        <Button
            alignSelf="start"
            disabled={loss.isSaving}
            onClick={() => loss.save({ kind: 'vanished', date: sheet.today, count: missing, last_seen })}
        >
            {words.write({ missing })}
        </Button>
    )
}

function Suspects({ suspects }: { suspects: CountSheet['suspects'] }) {
    if (suspects.length === 0) {
        return null
    }
    return (
        <Box>
            <chakra.h3 fontSize="text" fontWeight={700}>
                {words.suspects}
            </chakra.h3>
            <chakra.ol paddingStart="24px">
                {suspects.map((one) => (
                    <li key={one.fish_id}>
                        <Link to="/fish/$id" params={{ id: one.fish_id }}>
                            {one.name}
                        </Link>
                        . {one.words}
                    </li>
                ))}
            </chakra.ol>
        </Box>
    )
}
