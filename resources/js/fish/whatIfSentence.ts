import type { Window } from '../api/types'
import { whatIfWords } from '../messages/whatIf'
import { monthOfYear, longDay, daySpan } from '../units/day'

/** The answer to a what-if. */
export function whatIfSentence(
    { name, count: n }: { name: string; count: number },
    home: string,
    reason: string,
    window: Window,
    today: string,
    horizon: string,
): string {
    const said = whatIfWords
    if (window.early === null) {
        return said.fits({ n, name, home, month: monthOfYear(horizon) })
    }
    if (window.early === today) {
        return window.late === today
            ? said.now({ n, name, home, reason })
            : said.nowOrSoon({ n, name, home, reason })
    }
    return window.late === null
        ? said.may({ name, home, reason, early: longDay(window.early, today) })
        : said.between({
              n,
              name,
              home,
              reason,
              span: daySpan(window.early, window.late, today, 'between', 'long'),
          })
}
