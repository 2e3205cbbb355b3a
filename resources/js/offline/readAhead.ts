import type { QueryClient } from '@tanstack/react-query'
import { connection } from '../api/connection'
import {
    fishListQuery,
    fishQuery,
    moveSheetQuery,
    movesQuery,
    systemQuery,
    systemsQuery,
    todayQuery,
} from '../api/queries'
import type { Today } from '../api/types'

/** A round has rarely more; the rest is read when it is opened. */
const MOST_SHEETS = 40

/** What was read so long ago at most is good enough for a round without a network. */
const FRESH_ENOUGH_MS = 6 * 3_600_000

/** Reads what a round needs, one after the other, so that it is there when the network is not. Stops when that goes. */
export async function readAhead(client: QueryClient): Promise<void> {
    const today = await client.query({ ...todayQuery, ...ahead }).catch(() => undefined)
    const reads = [
        () => client.query({ ...fishListQuery, ...ahead }),
        () => client.query({ ...systemsQuery, ...ahead }),
        () => client.query({ ...movesQuery, ...ahead }),
        ...(today === undefined ? [] : sheetsOf(client, today)),
    ]
    for (const read of reads) {
        if (connection.isDown()) {
            return
        }
        await read().catch(() => undefined)
    }
}

const ahead = { staleTime: FRESH_ENOUGH_MS }

/** Of the moves, homes and fish with something due, in walking order. */
function sheetsOf(client: QueryClient, { due }: Today): (() => Promise<unknown>)[] {
    const systems = unique(due.map((one) => one.system_id))
    const fish = unique(due.map((one) => one.fish_id))
    const sheets = unique(due.map((one) => (one.kind === 'move' ? one.of_id : null)))
    return [
        ...sheets.map((id) => () => client.query({ ...moveSheetQuery(id), ...ahead })),
        ...systems.map((id) => () => client.query({ ...systemQuery(id), ...ahead })),
        ...fish.map((id) => () => client.query({ ...fishQuery(id), ...ahead })),
    ].slice(0, MOST_SHEETS)
}

const unique = (ids: readonly (number | null)[]): number[] => [...new Set(ids)].filter((id) => id !== null)
