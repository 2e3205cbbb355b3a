import { messages } from '../messages'
import { FileLink } from './FileLink'

interface Props {
    table: 'fish' | 'systems' | 'lengths' | 'tests' | 'log'
    /** Of one alone. */
    of?: { fish: number } | { system: number }
}

/** What a view shows, to be taken along as a table. */
export function AsTable({ table, of }: Props) {
    const query =
        of === undefined
            ? ''
            : `?${new URLSearchParams(Object.entries(of).map(([name, id]) => [name, String(id)])).toString()}`
    return <FileLink href={`/api/v1/tables/${table}${query}`}>{messages.frame.asTable}</FileLink>
}
