import type { ChainStay, FishRow, FishSheet, Home, Review, Window } from '../api/types'
import { messages } from '../messages'
import { joined } from '../messages/joined'
import { daysBetween, daySpan, longDay, monthOfYear, shortDay } from '../units/day'
import type { LengthUnit } from '../units/length'
import { bare, measured } from '../units/length'

/** A coming day this far off is told by its month. */
const FAR_DAYS = 300

/** A name that stands for one, or for many. */
const ONE = 1
const MANY = 2

export const waterWord = (home: Home): string => messages.labels.waters[home.temperature]

/** "21 Jun to 13 Aug", "now", "perhaps from 29 Apr 2028" or "fits". */
export function windowWords(window: Pick<Window, 'early' | 'late'>, today: string): string {
    if (window.early === null) {
        return messages.fish.fits
    }
    if (window.early === today) {
        return window.late === today ? messages.fish.now : messages.fish.nowOrSoon
    }
    return window.late === null
        ? messages.fish.perhapsFrom({ day: shortDay(window.early, today) })
        : daySpan(window.early, window.late, today, 'range', 'short')
}

/** It must leave for something else before it outgrows its home. */
export const leavesSooner = ({ home, leaves }: FishRow): boolean =>
    home.fits_now && leaves !== null && (home.outgrows.early === null || leaves < home.outgrows.early)

/** When it has to go: "21 Jun to 13 Aug" by its size, "by 3 Feb 2027" by anything else. */
export function leavingWords(fish: FishRow, today: string): string {
    return fish.leaves !== null && leavesSooner(fish)
        ? fish.leaves === today
            ? messages.fish.now
            : messages.fish.leavesBy({ day: shortDay(fish.leaves, today) })
        : windowWords(fish.home.outgrows, today)
}

/** The colour of the same. */
export function leavingColour(fish: FishRow): 'fit' | 'close' | 'over' {
    return fish.has_to_go ? 'over' : fish.leaves === null ? 'fit' : 'close'
}

/** "tambaqui 72 %, giant gourami 28 %" for an unsure fish. */
export function speciesShareWords(knowledge: FishSheet['knowledge']): string {
    return knowledge.candidates.length === 1
        ? (knowledge.candidates[0]?.name.toLowerCase() ?? '')
        : knowledge.candidates
              .map((candidate) =>
                  messages.fish.speciesShare({
                      species: candidate.name.toLowerCase(),
                      weight: candidate.weight,
                  }),
              )
              .join(', ')
}

/** The worst case of an unsure fish; null when it is sure. */
function worstSentence(home: Home, name: string, today: string): string | null {
    const window = home.worst
    if (window?.early == null || home.worst_species === null) {
        return null
    }
    const told = { name, species: home.worst_species.toLowerCase(), home: home.name, reason: home.reason }
    return window.late === null
        ? messages.fish.sentence.worstFrom({ ...told, early: longDay(window.early, today) })
        : messages.fish.sentence.worstBetween({
              ...told,
              span: daySpan(window.early, window.late, today, 'between', 'long'),
          })
}

/** The sentence above a fish's picture. */
export function fishSentence(fish: FishRow, today: string, horizon: string): string {
    if (fish.count === 0) {
        return messages.fish.gone({ name: fish.name })
    }
    const worst =
        fish.home.fits_now && !leavesSooner(fish) ? worstSentence(fish.home, fish.name, today) : null
    return worst ?? outgrowSentence(fish, today, horizon)
}

function outgrowSentence(fish: FishRow, today: string, horizon: string): string {
    const said = messages.fish.sentence
    const { home } = fish
    const window = home.outgrows
    const told = { name: fish.name, home: home.name, n: fish.is_shoal ? MANY : ONE }
    if (fish.leaves !== null && leavesSooner(fish)) {
        return leaveSentence(told, fish.leaves, fish.leaves_because ?? '', today)
    }
    if (!home.fits_now) {
        return said.has({ ...told, reason: home.reason })
    }
    if (window.early === null) {
        return window.late_means === 'stays below'
            ? said.fitsForLife(told)
            : said.fits({ ...told, month: monthOfYear(horizon) })
    }
    return earlySentence({ ...told, reason: home.reason }, window.early, window.late, today)
}

/** It must leave for something else than its size. */
function leaveSentence(
    told: { name: string; home: string },
    leaves: string,
    because: string,
    today: string,
): string {
    const said = messages.fish.sentence
    return leaves === today
        ? said.leaveNow({ ...told, because })
        : said.leave({ ...told, because, day: longDay(leaves, today) })
}

function earlySentence(
    told: { name: string; home: string; n: number; reason: string },
    early: string,
    late: string | null,
    today: string,
): string {
    const said = messages.fish.sentence
    if (early === today) {
        return late === null ? said.now(told) : said.nowLatest({ ...told, late: longDay(late, today) })
    }
    return late === null
        ? said.may({ name: told.name, home: told.home, reason: told.reason, early: longDay(early, today) })
        : said.between({ ...told, span: daySpan(early, late, today, 'between', 'long') })
}

/** Where it goes next by its chain of homes, until when, and what that hangs on. */
export function nextSentence(fish: FishRow, today: string): string {
    if (fish.count === 0 || fish.leaves === null) {
        return ''
    }
    if (fish.next === null) {
        return messages.fish.next.none
    }
    return [whereNext(fish, fish.next, today), ...fish.next.mend].join(' ')
}

/** The same in a table: "Kiln vat", "Kiln vat, planned for 4 Dec". */
export function nextWords({ leaves, next }: FishRow, today: string): string {
    if (leaves === null) {
        return ''
    }
    if (next === null) {
        return messages.fish.none_next
    }
    return next.is_planned
        ? messages.fish.plannedNext({ home: next.name, day: shortDay(next.from, today) })
        : next.name
}

function whereNext(fish: FishRow, next: ChainStay, today: string): string {
    const said = messages.fish.next
    const n = fish.is_shoal ? MANY : ONE
    const told = {
        home: next.name,
        n,
        doubt: next.company.length === 0 ? '' : said.doubt({ n, company: joined(next.company) }),
        when: next.from === today ? said.now : said.from({ day: farDay(next.from, today) }),
    }
    if (next.is_planned) {
        return said.planned(told)
    }
    if (next.leave === null) {
        return said.forLong(told)
    }
    const until = { ...told, until: farDay(next.leave, today) }
    return next.is_interim ? said.stopgap(until) : said.until(until)
}

/** What lies far ahead is known by the month. */
function farDay(day: string, today: string): string {
    return daysBetween(today, day) > FAR_DAYS ? monthOfYear(day) : longDay(day, today)
}

/** What is thought of a length while it is typed. */
export function reviewSentence(review: Review, unit: LengthUnit, today: string): string {
    const said = messages.fish.review
    const { low, high } = review.expected_mm
    const expected = said.expected({
        low: (low / unit.mm).toFixed(1),
        high: `${(high / unit.mm).toFixed(1)} ${unit.word}`,
    })
    if (review.before === null) {
        return said.alone({ expected })
    }
    const change = (review.length_mm - review.before.length_mm) / unit.mm
    const told = {
        by: `${Math.abs(change).toFixed(1)} ${unit.word}`,
        day: longDay(review.before.date, today),
        expected,
        verdict: reviewVerdict(review),
    }
    return change < 0 ? said.less(told) : said.more(told)
}

function reviewVerdict({ length_mm, expected_mm, question }: Review): string {
    const said = messages.fish.review
    if (length_mm < expected_mm.low) {
        return question === null ? said.short : said.tooShort
    }
    if (length_mm > expected_mm.high) {
        return question === null ? said.long : said.tooLong
    }
    return said.asExpected
}

/** "12 barbs" or the name of a single fish. */
export function nameWithCount(fish: Pick<FishRow, 'name' | 'count' | 'is_shoal'>): string {
    return fish.is_shoal ? `${fish.name} (${fish.count})` : fish.name
}

export function lastLengthWords(fish: FishRow, unit: LengthUnit, today: string): string {
    if (fish.last_length === null) {
        return messages.fish.never
    }
    const days = daysBetween(fish.last_length.date, today)
    const length = measured(fish.last_length.length_mm, unit)
    return days === 0 ? messages.fish.lastToday({ length }) : messages.fish.last({ days, length })
}

export const lengthRange = (band: { low: number; likely: number; high: number }, unit: LengthUnit): string =>
    messages.fish.range({
        low: bare(band.low, unit),
        high: `${bare(band.high, unit)} ${unit.word}`,
        likely: bare(band.likely, unit),
    })

export const paceWords = (pace: NonNullable<FishSheet['pace_class']>, percent: number): string =>
    messages.fish.pace({ pace: messages.fish.paces[pace], percent: percent.toFixed(0) })

/** What the growth of a fish rests on. */
export const knownWords = (own: number, kin: number, species: number, n: number): string =>
    joined([
        messages.fish.knownOwn({ share: own }),
        kin >= 0.005 ? messages.fish.knownKin({ share: kin, n }) : '',
        messages.fish.knownSpecies({ share: species }),
    ])
