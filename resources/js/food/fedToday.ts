import type { FeedingRow } from '../api/types'

/** Whether nothing more is to be given to them today: as often as planned, or they left some. */
export function isFedForToday({ meals, times }: FeedingRow): boolean {
    const last = meals.at(-1)
    return meals.length >= times || (last !== undefined && last.outcome !== 'eaten')
}
