import { write } from '../api/client'
import type { FeedingRow, MealOutcome } from '../api/types'
import { useEntry } from '../entry/useEntry'

/** Writes down a meal of a table, or of one at it; Undo takes it back. */
export const useMeal = (
    row: FeedingRow,
    notice: (meal: { outcome: MealOutcome }) => string,
    onDone?: () => void,
) =>
    useEntry(
        '/api/v1/systems/{system}/meals',
        { system: row.system_id },
        {
            notice,
            undo: ({ id }) => write('DELETE', '/api/v1/meals/{meal}', { meal: id }),
            ...(onDone === undefined ? {} : { onDone }),
        },
    )
