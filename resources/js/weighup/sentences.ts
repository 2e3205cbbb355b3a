import type { Chain, SuitableSpeciesRow, Weighed } from '../api/types'
import { weighUpWords } from '../messages/weighUp'
import { joined } from '../messages/joined'
import { longDay, monthOfYear } from '../units/day'
import { money } from '../units/money'

/** "for life, as a group of 6 to 14", "until March 2028", "no". */
export function suitableWords(row: SuitableSpeciesRow): string {
    if (row.fit === 'not') {
        return weighUpWords.no
    }
    const long = howLong(row)
    if (row.most > row.least) {
        const group = weighUpWords.groupRange({ least: row.least, most: row.most })
        return weighUpWords.whole({ long, group })
    }
    return row.least > 1 ? weighUpWords.whole({ long, group: weighUpWords.group({ n: row.least }) }) : long
}

function howLong(row: SuitableSpeciesRow): string {
    if (row.fit === 'for-life') {
        return weighUpWords.forLife
    }
    return row.until === null ? weighUpWords.tenYears : weighUpWords.until({ day: monthOfYear(row.until) })
}

export function suitableHeadline(
    system: string,
    rows: readonly SuitableSpeciesRow[],
    withFish: string | undefined,
): string {
    return weighUpWords.suitableHeadline({
        life: rows.filter((row) => row.fit === 'for-life').length,
        time: rows.filter((row) => row.fit === 'until').length,
        where: withFish === undefined ? system : weighUpWords.with({ system, fish: withFish }),
    })
}

export function stayWords(stay: Chain['stays'][number], horizon: string, today: string): string {
    const said = weighUpWords
    return [
        stay.is_planned ? said.planned({ day: longDay(stay.from, today) }) : '',
        stay.is_interim ? said.stopgap : '',
        untilWords(stay, horizon, today),
    ]
        .filter((part) => part !== '')
        .join(', ')
}

/** The day to move it and, where that is another, the day on which it may have to go. */
function untilWords(stay: Chain['stays'][number], horizon: string, today: string): string {
    const said = weighUpWords
    if (stay.is_for_life) {
        return said.forLife
    }
    if (stay.leave === null) {
        return stay.move === null
            ? said.atLeast({ month: monthOfYear(horizon) })
            : said.moveOn({ day: longDay(stay.move, today) })
    }
    if (stay.leave === today) {
        return said.notNow
    }
    const until = said.until({ day: longDay(stay.leave, today) })
    return stay.move === null || stay.move === stay.leave
        ? until
        : `${said.moveOn({ day: longDay(stay.move, today) })}, ${said.holdsUntil({ day: longDay(stay.leave, today) })}`
}

/** What it costs in its life, in the facility's money. */
export function costWords(upkeep: NonNullable<Weighed['upkeep']>, currency: string | null): string {
    return weighUpWords.cost({
        whole: money(upkeep.whole_cost, currency),
        years: Math.round(upkeep.years),
        between: weighUpWords.costBetween({
            low: money(upkeep.whole_low, currency),
            high: money(upkeep.whole_high, currency),
        }),
        parts: joined([
            upkeep.price === null ? '' : weighUpWords.toBuy({ sum: money(upkeep.price, currency) }),
            weighUpWords.forFood({ sum: money(upkeep.food_cost, currency) }),
            upkeep.keep_cost === null
                ? ''
                : weighUpWords.forKeeping({ sum: money(upkeep.keep_cost, currency) }),
            upkeep.home_cost > 0 ? weighUpWords.toBuildFor({ sum: money(upkeep.home_cost, currency) }) : '',
        ]),
    })
}

export function quarantineWords({ quarantine_days: days, quarantine_home: home }: Weighed): string {
    return home === null
        ? weighUpWords.quarantineNoHome({ days })
        : weighUpWords.quarantineDays({ days, home })
}
