import type { Written } from '../api/client'
import { sendWritten } from '../api/client'
import { filesIn } from '../api/files'
import { Refused } from '../api/refused'
import type { KeptEntry } from './database'
import { database } from './database'

/** What waits, among the queries. */
export const keptKey = ['kept'] as const

/** Rounds of some weeks: whoever comes that far has no device to rely on, but a network to mend. */
export const MOST_KEPT = 500

/** A phone has room for some hundred megabytes. */
export const MOST_PICTURES = 60

/**
 * Keeps what could not be sent; returns its number here.
 *
 * @param secret of the link with which a sitter wrote it
 * @throws RangeError when as many are kept as a device keeps: then it stays on its form
 */
export async function keepEntry(keeper: number, written: Written, secret?: string): Promise<number> {
    const kept = await database()
    const entries = await kept.getAll('entries')
    if (
        entries.length >= MOST_KEPT ||
        (hasFile(written) && entries.filter(hasFile).length >= MOST_PICTURES)
    ) {
        throw new RangeError(`More than ${MOST_KEPT} entries and ${MOST_PICTURES} pictures are not kept.`)
    }
    return kept.add('entries', {
        ...written,
        keeper,
        at: Date.now(),
        ...(secret === undefined ? {} : { secret }),
    } as KeptEntry)
}

const hasFile = ({ body }: Pick<Written, 'body'>): boolean => filesIn(body).length > 0

/** Of one keeper, in the order in which they were written. */
export const keptEntries = async (keeper: number): Promise<KeptEntry[]> =>
    (await (await database()).getAll('entries')).filter((entry) => entry.keeper === keeper)

/** Whether it still waits: a network may come back before its keeper is told. */
export const isWaiting = async (id: number): Promise<boolean> =>
    (await (await database()).getKey('entries', id)) !== undefined

export const dropEntry = async (id: number): Promise<void> => (await database()).delete('entries', id)

/** Puts an entry in the place of what was kept, as for another try. */
export const putEntry = async (entry: KeptEntry): Promise<number> => (await database()).put('entries', entry)

/** Statuses that tell of the moment, not of what was sent: it is tried again later. */
const OF_THE_MOMENT: ReadonlySet<number> = new Set([401, 408, 419, 425, 429])

const isOfTheMoment = (status: number): boolean => status >= 500 || OF_THE_MOMENT.has(status)

/**
 * Sends what waits, in the order in which it was written, each under the key that it had from the beginning: what has
 * reached the server before is not written twice. One that is refused is kept with the reason, and the others go on.
 *
 * @param send how an entry is sent; as a keeper who is signed in
 * @returns what was taken
 */
export async function sendKept(
    keeper: number,
    send: (entry: KeptEntry) => Promise<unknown> = (entry) => sendWritten(entry),
): Promise<KeptEntry[]> {
    const sent: KeptEntry[] = []
    for (const entry of await keptEntries(keeper)) {
        if (entry.refusal !== undefined) {
            continue
        }
        try {
            await send(entry)
        } catch (error) {
            if (!(error instanceof Refused) || isOfTheMoment(error.status)) {
                break
            }
            await putEntry({ ...entry, refusal: { status: error.status, problem: error.problem } })
            continue
        }
        await dropEntry(entry.id)
        sent.push(entry)
    }
    return sent
}
