import type { Query, QueryClient } from '@tanstack/react-query'
import { keptAges } from '../api/connection'
import type { Resource } from '../api/keys'
import type { Session } from '../api/types'
import type { KeptAnswer } from './database'
import { database } from './database'
import { asOfToday } from './today'

/** What is read in the fish room and at the desk. Secrets, people and settings are not left on a device. */
const KEPT: ReadonlySet<string> = new Set([
    'session',
    'facility',
    'today',
    'systems',
    'fish',
    'species',
    'moves',
    'plans',
    'rulebook',
    'log',
    'food',
    'treatment-products',
    'sitter-round',
] satisfies (Resource | 'sitter-round')[])

const MOST_DAYS = 30

const MOST_ANSWERS = 400

const MS_PER_DAY = 86_400_000

export const isKept = ({ queryKey }: Query): boolean => KEPT.has(String(queryKey[0]))

/**
 * What was last answered, as of today; nothing when it was never asked here.
 *
 * @param now milliseconds
 */
export async function keptAnswer(question: string, now = Date.now()): Promise<KeptAnswer | undefined> {
    const kept = await (await database()).get('answers', question)
    return kept === undefined || now - kept.at > MOST_DAYS * MS_PER_DAY
        ? undefined
        : { ...kept, data: asOfToday(kept.data, new Date(now)) }
}

/** Keeps what is answered from now on, and what has been answered already; returns how that ends. */
export function keepAnswers(client: QueryClient): () => void {
    const cache = client.getQueryCache()
    const keepIt = (query: Query): void => void keep(query).catch(keepsNothing)
    cache.getAll().forEach(keepIt)
    void dropOld().catch(keepsNothing)
    return cache.subscribe((event) => {
        if (event.type === 'updated' && event.action.type === 'success') {
            keepIt(event.query as Query)
        }
    })
}

/** A browser that keeps nothing, as in a private window, does all else. */
const keepsNothing = (): void => undefined

/** When somebody signs out, or somebody else comes in: the next one shall not read what this one could. */
export async function forgetAnswers(): Promise<void> {
    await database()
        .then((db) => db.clear('answers'))
        .catch(keepsNothing)
}

async function keep(query: Query): Promise<void> {
    const { data, dataUpdatedAt } = query.state
    if (data === undefined || !isKept(query) || keptAges.has(query.queryHash)) {
        return
    }
    const db = await database()
    if (query.queryKey[0] === 'session' && (await isSomebodyElse(query.queryHash, data as Session))) {
        await db.clear('answers')
    }
    await db.put('answers', { question: query.queryHash, at: dataUpdatedAt, data })
}

async function isSomebodyElse(question: string, { keeper }: Session): Promise<boolean> {
    const before = (await (await database()).get('answers', question))?.data as Session | undefined
    return before !== undefined && before.keeper?.id !== keeper?.id
}

async function dropOld(): Promise<void> {
    const db = await database()
    let left = await db.count('answers')
    for (const question of await db.getAllKeysFromIndex('answers', 'at')) {
        if (left <= MOST_ANSWERS) {
            return
        }
        await db.delete('answers', question)
        left--
    }
}
