import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import type { SitterHome } from '../api/types'
import { offlineWords } from '../messages/offline'
import { sitterWords as words } from '../messages/sitter'
import type { KeptEntry } from '../offline/database'
import { dropEntry } from '../offline/outbox'
import { isPicture, keptTicksQuery, tickOf } from './keptTicks'

/** What waits on this phone, and what was not taken with the reason. */
export function KeptTicks({ homes }: { homes: readonly SitterHome[] }) {
    const entries = useQuery(keptTicksQuery).data ?? []
    const refused = entries.filter(({ refusal }) => refusal !== undefined)
    const waiting = entries.length - refused.length
    return (
        <Box aria-live="polite" _print={{ display: 'none' }}>
            {waiting > 0 && (
                <chakra.p color="close" fontWeight={700} marginTop="8px">
                    {words.kept({ n: waiting })}
                </chakra.p>
            )}
            {refused.map((entry) => (
                <Refusal key={entry.id} entry={entry} homes={homes} />
            ))}
        </Box>
    )
}

function Refusal({ entry, homes }: { entry: KeptEntry; homes: readonly SitterHome[] }) {
    const client = useQueryClient()
    const { system, outcome } = tickOf(entry)
    const what = isPicture(entry) ? words.aPicture : words.outcomes[outcome]
    const home = homes.find((one) => one.system_id === system)?.name ?? ''
    const drop = (): void =>
        void dropEntry(entry.id).then(() => client.invalidateQueries({ queryKey: keptTicksQuery.queryKey }))
    return (
        <Box display="flex" alignItems="center" justifyContent="space-between" gap="12px" marginTop="8px">
            <chakra.p color="over" fontWeight={600}>
                {words.of({ outcome: what, home })}. {entry.refusal?.problem.message}
            </chakra.p>
            <Button onClick={drop}>{offlineWords.drop}</Button>
        </Box>
    )
}
