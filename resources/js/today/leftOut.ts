import type { UnreadableRow } from '../api/types'
import { unreadableWords } from '../messages/unreadable'

/** Tables whose rows have a name of their own. */
const NAMED = new Set<UnreadableRow['table']>(['species', 'systems'])

/** "A length of Moss", "The system Kiln vat", "Moss". */
export function whatIsLeftOut({ table, name }: UnreadableRow): string {
    const what = unreadableWords.what[table]
    if (name === null || table === 'facilities') {
        return what
    }
    if (table === 'fish') {
        return name
    }
    return NAMED.has(table) ? unreadableWords.named({ what, name }) : unreadableWords.of({ what, name })
}

/** What a column of the database is called; one without a name is shown as it is. */
export const columnName = (column: string): string =>
    column in unreadableWords.columns
        ? unreadableWords.columns[column as keyof typeof unreadableWords.columns]
        : column
