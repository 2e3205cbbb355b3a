import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { filesIn } from '../api/files'
import { fishListQuery, systemsQuery } from '../api/queries'
import { useUndo } from '../entry/useUndo'
import { useKeeper } from '../frame/keeper'
import { offlineWords as words } from '../messages/offline'
import { WaitingPrint } from '../picture/WaitingPrint'
import { atMoment } from '../units/moment'
import { BothSides } from './BothSides'
import type { KeptEntry } from './database'
import { dropEntry, keptKey, putEntry } from './outbox'
import { keptQuery } from './queries'
import type { Names } from './said'
import { saidOf } from './said'

interface Props {
    keeper: number
    onSend: () => void
}

/** What waits on this device, in the order in which it is sent; what was not taken stands with both sides. */
export function KeptSheet({ keeper, onSend }: Props) {
    const entries = useQuery(keptQuery(keeper)).data ?? []
    const names = useNames()
    return (
        <Box display="flex" flexDirection="column" gap="14px">
            <chakra.p color="ink2">{entries.length === 0 ? words.none : words.order}</chakra.p>
            <Box as="ul" listStyleType="none">
                {entries.map((entry) => (
                    <Line key={entry.id} entry={entry} names={names} onSend={onSend} />
                ))}
            </Box>
        </Box>
    )
}

function Line({ entry, names, onSend }: { entry: KeptEntry; names: Names; onSend: () => void }) {
    const { today } = useKeeper()
    const client = useQueryClient()
    const takeBack = useUndo(entry.path)
    const changed = (): Promise<unknown> => client.invalidateQueries({ queryKey: keptKey })
    const says = saidOf(entry, names, today)
    const drop = (): void =>
        takeBack(() => dropEntry(entry.id).then(changed), {
            text: words.dropped,
            undo: () => takeBack(() => putEntry(entry).then(changed)),
        })
    const sendAs = (again: KeptEntry): void => void putEntry(again).then(changed).then(onSend)
    return (
        <chakra.li
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            justifyContent="space-between"
            gap="8px 16px"
            paddingBlock="10px"
            borderTop="1px solid"
            borderColor="rule"
        >
            {filesIn(entry.body).map((file) => (
                <WaitingPrint key={entry.id} file={file} alt={words.picture} />
            ))}
            {entry.refusal === undefined ? (
                <Box flex="1" minWidth="200px">
                    <b>{says}</b>{' '}
                    <chakra.span color="ink2">
                        {words.written({ when: atMoment(new Date(entry.at).toISOString()) })}
                    </chakra.span>
                </Box>
            ) : (
                <BothSides entry={entry} refusal={entry.refusal} says={says} onSend={sendAs} />
            )}
            <Button aria-label={`${words.drop}: ${says}`} onClick={drop}>
                {words.drop}
            </Button>
        </chakra.li>
    )
}

function useNames(): Names {
    const fish = useQuery(fishListQuery).data ?? []
    const systems = useQuery(systemsQuery).data ?? []
    return { fish: namesOf(fish), systems: namesOf(systems) }
}

const namesOf = (all: readonly { id: number; name: string }[]): ReadonlyMap<number, string> =>
    new Map(all.map(({ id, name }) => [id, name]))
