import { locale } from '../messages/language'
import { spoken } from '../messages/speak'

/** A tick on a time axis: the year in January, else the month. */
export function tickLabel(tick: Date): string {
    return spoken(
        new Intl.DateTimeFormat(locale, {
            timeZone: 'UTC',
            ...(tick.getUTCMonth() === 0 ? { year: 'numeric' } : { month: 'short' }),
        }).format(tick),
    )
}
