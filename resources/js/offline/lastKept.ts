import type { Written } from '../api/client'
import type { KeptEntry } from './database'

/** The last word of those that wait to be sent; what was refused is none. */
export const lastKept = (
    entries: readonly KeptEntry[],
    { method, path, named }: Pick<Written, 'method' | 'path' | 'named'>,
): KeptEntry | undefined =>
    entries.findLast(
        (one) =>
            one.refusal === undefined &&
            one.method === method &&
            one.path === path &&
            Object.entries(named).every(
                ([name, value]) => (one.named as Record<string, unknown>)[name] === value,
            ),
    )
