import type { GrowingFish, SystemSheet } from '../api/types'
import { systemsWords } from '../messages/systems'
import { longDay } from '../units/day'
import { isOverOn, stayEnd } from './stayEnd'

interface Plan {
    system: SystemSheet
    names: Map<number, string>
    fish: readonly GrowingFish[]
    /** Which of the days of the plan it is. */
    at: number
    date: string
    today: string
    /** Share of the floor used in the fullest layer. */
    fullest: number
}

/** The sentence above the floor plan on its date. */
export function planSentence(plan: Plan): string {
    const { system, fish, date, today, fullest } = plan
    const said = systemsWords.planned
    const when = date === today ? said.today : said.on({ day: longDay(date, today) })
    if (fish.length === 0) {
        return said.empty({ system: system.name })
    }
    const over = overSentence(plan, when)
    if (over !== null) {
        return over
    }
    if (fullest > 1) {
        return said.floor({ when, system: system.name, share: fullest })
    }
    return leaveSentence(plan, when) ?? holdsSentence(plan, when)
}

/** Who should not stay, for something else than size and room; null: nobody. */
function leaveSentence({ system, names, fish, date }: Plan, when: string): string | null {
    const over = fish.filter((one) => isOverOn(one, rowOf(system, one), date))
    const first = over[0]
    return first === undefined
        ? null
        : systemsWords.planned.leave({
              when,
              system: system.name,
              name: names.get(first.id) ?? '',
              reason: stayEnd(first, rowOf(system, first)).reason,
              others: over.length - 1,
          })
}

const rowOf = (system: SystemSheet, growing: GrowingFish) => system.fish.find(({ id }) => id === growing.id)

/** Whom it no longer fits; null: it fits everybody. */
function overSentence({ system, names, fish, date }: Plan, when: string): string | null {
    const over = fish.filter((one) => one.outgrown_on !== null && one.outgrown_on <= date)
    const first = over[0]
    if (first === undefined) {
        return null
    }
    const told = { when, system: system.name, name: names.get(first.id) ?? '', reason: first.reason }
    return over.length === 1
        ? systemsWords.planned.over(told)
        : systemsWords.planned.overMore({ ...told, others: over.length - 1 })
}

function holdsSentence({ system, names, fish, at, date, today }: Plan, when: string): string {
    const said = systemsWords.planned
    const isToday = date === today
    if (fish.length === 1) {
        const told = { when, system: system.name, who: names.get(fish[0]?.id ?? 0) ?? '' }
        return isToday ? said.holds(told) : said.stillHolds(told)
    }
    const [nearest] = [...fish].sort((a, b) => shareOfLimit(b, at) - shareOfLimit(a, at))
    const told = {
        when,
        system: system.name,
        who: fish.length === 2 ? said.both : said.all({ n: fish.length }),
        nearest: names.get(nearest?.id ?? 0) ?? '',
        n: system.fish.find(({ id }) => id === nearest?.id)?.count ?? 1,
    }
    return isToday ? said.holdsNearest(told) : said.stillHoldsNearest(told)
}

const shareOfLimit = (fish: GrowingFish, at: number): number => (fish.likely_mm[at] ?? 0) / fish.limit_mm
