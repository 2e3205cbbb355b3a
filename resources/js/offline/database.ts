import type { DBSchema, IDBPDatabase } from 'idb'
import { openDB } from 'idb'
import type { Written } from '../api/client'
import type { Problem } from '../api/types'

/** What was last answered to a question. */
export interface KeptAnswer {
    /** The question, as the cache of queries names it. */
    question: string
    /** Milliseconds. */
    at: number
    data: unknown
}

/** What was written down while nobody answered, or was not taken when it was sent. */
export interface KeptEntry extends Written {
    /** Rising in the order of writing. */
    id: number
    /** Whose it is. */
    keeper: number
    /** Milliseconds. */
    at: number
    /** Of the link with which a sitter wrote it. */
    secret?: string
    /** Why it was not taken; a keeper decides. */
    refusal?: { status: number; problem: Problem }
}

interface Kept extends DBSchema {
    answers: { key: string; value: KeptAnswer; indexes: { at: number } }
    entries: { key: number; value: KeptEntry }
}

let opened: Promise<IDBPDatabase<Kept>> | undefined

/**
 * What this device keeps; it survives a restart.
 *
 * @throws DOMException where the browser keeps nothing, as in a private window of some
 */
export function database(): Promise<IDBPDatabase<Kept>> {
    opened ??= openDB<Kept>('biomegas', 1, {
        upgrade: (made) => {
            made.createObjectStore('answers', { keyPath: 'question' }).createIndex('at', 'at')
            made.createObjectStore('entries', { keyPath: 'id', autoIncrement: true })
        },
    })
    return opened
}
