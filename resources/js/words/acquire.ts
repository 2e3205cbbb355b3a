import type { Chain, Health, SuitableSpeciesRow, Weighed } from '../api/types'
import { longDay, monthOfYear } from '../units/day'
import { number } from './en'

/** Words for weighing up before acquiring, and for the search turned round. */
export const acquireWords = {
    title: 'Weigh up',
    comment:
        'Before a fish is bought: its whole future here. Nothing is saved until you add it to your fish.',
    empty: 'Which fish are you thinking of?',
    emptyComment:
        'Choose a kind: the homes it needs, what must be built and by when, what it costs and leaves, and one sentence of advice.',
    species: 'Species',
    speciesHelp: 'Begin to type its name.',
    unknownSpecies: 'No species here is called that. Choose one from the list, or add it under Species.',
    count: 'How many',
    length: 'How long now',
    lengthHelp: 'Empty: as it is usually sold.',
    price: 'Price of one',
    health: 'As you saw it',
    healths: {
        well: 'well, seen eating',
        'not-seen-eating': 'not seen eating',
        sick: 'signs of disease',
    } satisfies Record<Health, string>,
    quarantine: 'Days of quarantine served',
    fallback: 'Where it could go if it cannot stay',
    beside: 'Weigh another beside it',
    alone: 'Put the second away',
    acquire: 'Add to my fish',
    acquireTitle: (kind: string) => `${kind} comes home`,
    name: 'Name',
    nameHelp: 'How you call it or them.',
    home: 'First home',
    day: 'Day',
    origin: 'Where from',
    origins: { '': 'not known', 'tank-raised': 'tank-raised', 'wild-caught': 'wild-caught' },
    purpose: 'Kept for',
    purposes: { display: 'display', food: 'food', starter: 'starting a tank', cleaner: 'cleaning' },
    method: 'How it was measured',
    note: 'How it was when it came',
    save: 'Write down',
    arrived: (name: string, home: string) => `${name} lives in ${home} now.`,
    chain: 'The homes it needs',
    until: (day: string, today: string) => `until ${longDay(day, today)}`,
    forLife: 'for life',
    atLeast: (day: string) => `until ${monthOfYear(day)} at least`,
    between: (a: string, b: string, together: boolean) =>
        together ? `${a} and ${b.toLowerCase()} together?` : `${a} or ${b.toLowerCase()}?`,
    together: 'They come together: the second finds the first in its homes',
    toBuild: 'to build',
    readyBy: (day: string, begin: string, today: string) =>
        `ready by ${longDay(day, today)}, so begin by ${longDay(begin, today)}`,
    chainNote: 'As if everybody else stayed where they are; who gets on with whom is another question.',
    facts: {
        adult: 'Grown',
        life: 'Lives',
        mass: 'Weighs',
        food: 'Eats',
        change: 'Water',
        quarantine: 'Quarantine',
        cost: 'Costs',
    },
    years: (low: number, high: number) => `${low} to ${high} years`,
    feed: (grams: number) =>
        grams < 10 ? `${grams.toFixed(1)} g of dry food a day` : `${Math.round(grams)} g of dry food a day`,
    change: (share: number) =>
        `${Math.max(1, Math.round(share * 100))} % of its last home changed each week for it alone, by the book`,
    noQuarantine: 'none more to serve',
    quarantineDays: (days: number, home: string | null) =>
        home === null ? `${days} days, and no home is free for it` : `${days} days, ${home} is free`,
    cost: (weighed: NonNullable<Weighed['upkeep']>) => {
        const parts = [
            weighed.price === null ? '' : `${money(weighed.price)} to buy`,
            `${money(weighed.food_cost)} for food`,
            weighed.home_cost > 0 ? `${money(weighed.home_cost)} to build` : '',
        ]
        return `about ${money(weighed.whole_cost)} in its life: ${parts.filter((part) => part !== '').join(', ')}`
    },
    cautions: 'To know',
    cautionsNote: 'Local law, vets and licensed people decide; this is only a reminder.',
    picture: (kind: string) => `The homes that ${kind} needs, from above and to one scale`,

    suitableTitle: (system: string) => `What could live in ${system}`,
    suitableHeadline: (
        system: string,
        rows: readonly SuitableSpeciesRow[],
        withFish: string | undefined,
    ): string => {
        const life = rows.filter((row) => row.fit === 'for-life').length
        const time = rows.filter((row) => row.fit === 'until').length
        const where = withFish === undefined ? system : `${system} with ${withFish}`
        return life === 0
            ? `Nothing would fit ${where} for life; ${number(time)} ${time === 1 ? 'species' : 'species'} for a time.`
            : `${capital(number(life))} ${life === 1 ? 'species fits' : 'species fit'} ${where} for life, ${number(time)} for a time.`
    },
    suitableComment:
        'Brought home today as usually sold, with all who live there. Judged by the rules of housing; who eats or beats whom is another question.',
    ask: 'What could live here?',
    askWith: 'What could live with it?',
    filters: { role: 'Role', temper: 'Temper', plants: 'Plants', region: 'From', water: 'Water' },
    any: 'any',
    peaceful: 'at most mostly peaceful',
    plantWords: { safe: 'leaves plants alone', eats: 'eats plants', uproots: 'digs plants up' },
    waters: { fresh: 'fresh', brackish: 'brackish', marine: 'salt' },
    noneLeft: 'No species is left: loosen a filter.',
    columns: { species: 'Species', fit: 'Fits', why: 'Because' },
    showRefused: (n: number) => `Show the ${n} that do not fit`,
    hideRefused: 'Hide those that do not fit',
    mend: 'First:',
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** A sum in the facility's money, without its name. */
const money = (sum: number): string => Math.round(sum).toLocaleString('en-GB')

/** "for life, as a group of 6 to 14", "until March 2028", "no". */
export function suitableWords(row: SuitableSpeciesRow): string {
    if (row.fit === 'not') {
        return 'no'
    }
    const group =
        row.most > row.least
            ? `, ${row.least} to ${row.most} of them`
            : row.least > 1
              ? `, as a group of ${row.least}`
              : ''
    const long =
        row.fit === 'for-life'
            ? 'for life'
            : row.until === null
              ? 'ten years at least'
              : `until ${monthOfYear(row.until)}`
    return `${long}${group}`
}

export function stayWords(stay: Chain['stays'][number], horizon: string, today: string): string {
    if (stay.is_for_life) {
        return acquireWords.forLife
    }
    return stay.leave === null ? acquireWords.atLeast(horizon) : acquireWords.until(stay.leave, today)
}
