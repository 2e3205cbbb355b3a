import { shortDay } from '../units/day'

/** "19:00", or "12 Mar 19:00" on another day. */
export const lookedAt = (at: string, today: string): string =>
    `${at.slice(0, 10) === today ? '' : `${shortDay(at.slice(0, 10), today)} `}${at.slice(11)}`
