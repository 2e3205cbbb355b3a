import type { CompanySheet, CompanyFish, PairRow } from '../api/types'
import { companyWords as words } from '../messages/company'
import { monthOfYear } from '../units/day'

export function headline({ pairs }: CompanySheet): string {
    return words.headline({
        all: pairs.length,
        good: pairs.filter(({ verdict }) => verdict === 'good').length,
        never: pairs.filter(isNever).length,
    })
}

/** Kept apart for all of the time that is looked at. */
export const isNever = ({ spans }: PairRow): boolean => spans.length === 1 && spans[0]?.verdict === 'avoid'

/** What stands in a cell: the verdict of today and how long it holds, or what comes. */
export function cellWords(pair: PairRow): { verdict: string; when: string } {
    const [now, next] = pair.spans
    if (isNever(pair)) {
        return { verdict: words.never, when: aboutWords(pair) }
    }
    if (now?.verdict === 'good' && next !== undefined) {
        return { verdict: words.verdicts[next.verdict], when: words.from({ month: monthOfYear(next.from) }) }
    }
    return {
        verdict: words.verdicts[now?.verdict ?? 'good'],
        when: next === undefined ? aboutWords(pair) : words.until({ month: monthOfYear(next.from) }),
    }
}

/** What it is about, in a word or two: what the keeper says, the heaviest reason, or nothing that needs one. */
function aboutWords({ own, about, verdict }: PairRow): string {
    if (own !== null) {
        return words.yours
    }
    return verdict !== 'good' && about !== null && about in words.about
        ? words.about[about as keyof typeof words.about]
        : ''
}

/** What swallows what, from when until when. */
export function dangerSentence(
    danger: PairRow['swallowings'][number],
    byId: ReadonlyMap<number, CompanyFish>,
): string {
    const predator = byId.get(danger.predator)?.name ?? ''
    const prey = byId.get(danger.prey)?.name ?? ''
    if (danger.now >= 0.5) {
        return danger.until === null
            ? words.swallowsNow({ predator, prey })
            : words.swallowsUntil({ predator, prey, until: monthOfYear(danger.until) })
    }
    return danger.early === null
        ? words.mayBe({ predator, prey, percent: `${Math.round(100 * danger.probability)} %` })
        : words.swallowsFrom({
              predator,
              prey,
              early: monthOfYear(danger.early),
              likely: danger.likely === null ? 'none' : monthOfYear(danger.likely),
          })
}
