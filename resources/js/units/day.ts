import { messages } from '../messages'
import { locale } from '../messages/language'
import { spoken } from '../messages/speak'

/** Days of the calendar as the API writes them: YYYY-MM-DD, without time or zone. */
export type IsoDay = string

const NO_BREAK = '\u00a0'
const MS_PER_DAY = 86_400_000

export function toTime(day: IsoDay): number {
    return Date.parse(`${day}T00:00:00Z`)
}

export function daysBetween(from: IsoDay, until: IsoDay): number {
    return Math.round((toTime(until) - toTime(from)) / MS_PER_DAY)
}

export function addDays(day: IsoDay, days: number): IsoDay {
    return new Date(toTime(day) + days * MS_PER_DAY).toISOString().slice(0, 10)
}

function format(day: IsoDay, options: Intl.DateTimeFormatOptions): string {
    return spoken(
        new Intl.DateTimeFormat(locale, { timeZone: 'UTC', ...options }).format(toTime(day)),
    ).replaceAll(' ', NO_BREAK)
}

/** "21 June", with the year when it is another one. */
export function longDay(day: IsoDay, today: IsoDay): string {
    return format(day, {
        day: 'numeric',
        month: 'long',
        ...(day.slice(0, 4) === today.slice(0, 4) ? {} : { year: 'numeric' }),
    })
}

/** "21 Jun", with the year when it is another one. */
export function shortDay(day: IsoDay, today: IsoDay): string {
    return format(day, {
        day: 'numeric',
        month: 'short',
        ...(day.slice(0, 4) === today.slice(0, 4) ? {} : { year: 'numeric' }),
    })
}

/** A coming day this near is understood without its year. */
const YEAR_GOES_WITHOUT_SAYING_DAYS = 300

/** "23 Feb", of a day to come: "23 Feb 2028" when it is far away. */
export const comingDay = (day: IsoDay, today: IsoDay): string =>
    shortDay(day, daysBetween(today, day) < YEAR_GOES_WITHOUT_SAYING_DAYS ? day : today)

/** "8 January and 14 February", "8 January and 14 February 2028": a year is said once, and only when it is needed. */
export function daySpan(
    from: IsoDay,
    until: IsoDay,
    today: IsoDay,
    /** "from A to B", or "between A and B". */
    joint: 'range' | 'between',
    month: 'long' | 'short',
): string {
    const day = { day: 'numeric', month } as const
    const isNear = daysBetween(today, until) < YEAR_GOES_WITHOUT_SAYING_DAYS
    const first =
        isNear || from.slice(0, 4) === until.slice(0, 4) ? day : { ...day, year: 'numeric' as const }
    const low = format(from, first)
    const high = format(until, isNear ? day : { ...day, year: 'numeric' })
    return joint === 'range'
        ? messages.frame.joint.span({ low, high })
        : messages.frame.joint.and({ first: low, last: high })
}

/** "Jun 2028". */
export function monthOfYear(day: IsoDay): string {
    return format(day, { month: 'short', year: 'numeric' })
}

/** "Saturday 13 March". */
export function weekday(day: IsoDay): string {
    return format(day, { weekday: 'long', day: 'numeric', month: 'long' })
}
