import { locale } from '../messages/language'
import { spoken } from '../messages/speak'

const MINUTE = 60_000
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR

/** A day on which it is still said how long ago it was. */
const LONG_AGO = 14 * DAY

/** "6 hours ago", "3 days ago"; longer ago the day: "3 March 2027". */
export function ago(moment: string, now: number = Date.now()): string {
    const past = now - Date.parse(moment)
    const say = new Intl.RelativeTimeFormat(locale, { numeric: 'auto' })
    if (past >= LONG_AGO) {
        return spoken(new Intl.DateTimeFormat(locale, { dateStyle: 'long' }).format(Date.parse(moment)))
    }
    if (past >= DAY) {
        return spoken(say.format(-Math.floor(past / DAY), 'day'))
    }
    return past >= HOUR
        ? spoken(say.format(-Math.floor(past / HOUR), 'hour'))
        : spoken(say.format(-Math.max(0, Math.floor(past / MINUTE)), 'minute'))
}

/** "13 March 2027, 08:15", on the clock of whoever looks. */
export const atMoment = (moment: string): string =>
    spoken(
        new Intl.DateTimeFormat(locale, { dateStyle: 'long', timeStyle: 'short' }).format(Date.parse(moment)),
    )
