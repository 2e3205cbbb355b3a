import { useMutation } from '@tanstack/react-query'
import { Refused } from '../api/refused'
import type { FishTableRequest } from '../api/types'
import { useGoToRefused } from '../entry/useGoToRefused'
import { messages } from '../messages'
import { previewTable } from './useFishTable'

type Row = NonNullable<FishTableRequest['rows']>[number]

/**
 * Rows are looked at before they are written: what is to mend, or hard to believe, is said first.
 *
 * @param rows as they stand now
 * @param onGood all of them can be taken and nothing is doubted
 */
export function useCheckedFish(rows: readonly Row[], onGood: (table: FishTableRequest) => void) {
    const check = useMutation({
        mutationFn: previewTable,
        onSuccess: ({ rows, good }, table) => {
            if (good === rows.length && rows.every(({ doubts }) => doubts.length === 0)) {
                onGood(table)
            }
        },
    })
    const checked = check.data?.rows ?? []
    const asked = check.variables?.rows ?? []
    const isToMend = checked.some(({ errors }) => Object.keys(errors).length > 0)
    useGoToRefused(isToMend ? check.data : undefined)
    return {
        check: check.mutate,
        isChecking: check.isPending,
        failed:
            check.error === null
                ? undefined
                : check.error instanceof Refused
                  ? check.error.message
                  : messages.frame.unreachable,
        /** By row and field, while what was refused still stands there. */
        errors: checked.map((row, i): Partial<Record<string, string>> => {
            const still = Object.entries(row.errors).filter(
                ([field]) => rows[i]?.[field as keyof Row] === asked[i]?.[field as keyof Row],
            )
            return Object.fromEntries(still)
        }),
        /** What is hard to believe of rows that can be taken, while they are as they were. */
        doubts:
            isToMend || JSON.stringify(rows) !== JSON.stringify(asked)
                ? []
                : checked.flatMap(({ doubts }) => doubts),
    }
}
