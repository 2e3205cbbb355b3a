import { locale } from '../messages/language'
import { spoken } from '../messages/speak'

/** A moment of the server on the clock of whoever reads it: "28 Nov 2026, 14:05". */
export const writtenAt = (moment: string): string =>
    spoken(
        new Intl.DateTimeFormat(locale, { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(moment)),
    )
