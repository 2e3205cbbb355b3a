import type { Claim, SpeciesSheet } from '../api/types'
import { lengthRange } from '../fish/sentences'
import { messages } from '../messages'
import { speciesWords } from '../messages/species'
import type { LengthUnit } from '../units/length'

const DAYS_PER_MONTH = 30

export const speciesSentence = (sheet: SpeciesSheet, unit: LengthUnit): string =>
    speciesWords.becomes({
        name: sheet.species.common_name,
        range: lengthRange(sheet.adult_mm, unit),
    })

/** Who says how long it becomes, and how much it counts. */
export function claimSentence(claim: Claim): string {
    const kind = messages.labels.claims[claim.kind]
    const who = claim.sex === null ? kind : speciesWords.claimOf({ kind, sex: claim.sex })
    return claim.share === 0
        ? speciesWords.claimOnlyPossible({ who })
        : speciesWords.claimCounts({ who, share: claim.share })
}

/** "Monthly", "Every 3 months", "Every 10 days". */
export function every(days: number): string {
    if (days === DAYS_PER_MONTH) {
        return speciesWords.monthly
    }
    return days % DAYS_PER_MONTH === 0
        ? speciesWords.everyMonths({ n: days / DAYS_PER_MONTH })
        : speciesWords.everyDays({ n: days })
}
