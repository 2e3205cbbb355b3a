import type { UnreadableRow } from '../api/types'
import { messages } from '../messages'

/** Tables whose rows have a name of their own. */
const NAMED = new Set<UnreadableRow['table']>(['species', 'systems'])

/** "A length of Moss", "The system Kiln vat", "Moss". */
export function whatIsLeftOut({ table, name }: UnreadableRow): string {
    const what = messages.unreadable.what[table]
    if (name === null || table === 'facilities') {
        return what
    }
    if (table === 'fish') {
        return name
    }
    return NAMED.has(table)
        ? messages.unreadable.named({ what, name })
        : messages.unreadable.of({ what, name })
}

/** What a column of the database is called; one without a name is shown as it is. */
export const columnName = (column: string): string =>
    column in messages.unreadable.columns
        ? messages.unreadable.columns[column as keyof typeof messages.unreadable.columns]
        : column
