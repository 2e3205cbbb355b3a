import type {
    Act,
    CountKind,
    DueRow,
    FishRow,
    Harm,
    Home,
    LengthKind,
    LogLine,
    LossKind,
    Method,
    Ration,
    Review,
    SystemSheet,
    Window,
} from '../api/types'
import type { FishSheet } from '../api/types'
import { daysBetween, daySpan, longDay, monthOfYear, shortDay } from '../units/day'
import type { LengthUnit } from '../units/length'
import { bare, measured } from '../units/length'
import { percent } from '../units/share'

/** Every word on the screens, in one place. */

const NUMBERS = [
    'no',
    'one',
    'two',
    'three',
    'four',
    'five',
    'six',
    'seven',
    'eight',
    'nine',
    'ten',
    'eleven',
    'twelve',
]

/** Numbers up to twelve as words in sentences. */
export const number = (n: number): string => NUMBERS[n] ?? String(n)

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

const plural = (n: number, one: string, many = `${one}s`): string => `${number(n)} ${n === 1 ? one : many}`

export const words = {
    product: 'Biomegas',
    places: {
        today: 'Today',
        fish: 'Fish',
        systems: 'Systems',
        moves: 'Moves',
        weighUp: 'Weigh up',
        species: 'Species',
        rulebook: 'Rulebook',
        desk: 'More',
    },
    deskTitle: 'At the desk',
    loading: 'Drawing the sheet…',
    tryAgain: 'Try again',
    unreachable: 'No answer from the server. Check the network and try again; what you typed is still here.',
    unknownPage: 'Page not found.',
    undo: 'Undo',
    close: 'Close',
    undone: 'Taken back.',
    cancel: 'Cancel',
    signOut: 'Sign out',
    darkSheet: 'Night',
    lightSheet: 'Day',
    keysTitle: 'Keys',
    keysOff: 'Letters go to places',
    keys: [
        ['T F S', 'Today, Fish, Systems'],
        ['M W', 'Moves, Weigh up'],
        ['K R', 'Species, Rulebook'],
        ['[ ]', "the plan's date, a week"],
        ['{ }', "the plan's date, a month"],
        ['U', 'undo the last entry'],
        ['?', 'this sheet'],
        ['Esc', 'leave a field or a sheet'],
    ] as const,

    signIn: {
        title: 'Sign in',
        again: 'Your session has ended. Sign in to go on: what you typed is kept.',
        email: 'E-mail',
        password: 'Password',
        act: 'Sign in',
        small: '8 cm, brought home',
        grown: '60 cm, grown',
        idea: 'Growth, room and moves of large fish, drawn to scale.',
    },
    owner: {
        title: 'Begin here: who keeps these fish?',
        comment: 'Nobody has signed in here yet. The first account owns this installation.',
        name: 'Your name',
        facility: 'Name of the place',
        units: 'Units',
        unitNames: {
            metric: 'centimetres, litres, °C',
            us: 'inches, US gallons, °F',
            imperial: 'inches, imperial gallons, °C',
        },
        timeZone: 'Time zone of the fish',
        passwordHelp: 'At least 10 characters.',
        act: 'Begin',
    },

    today: {
        title: 'The round',
        scale: 'All systems and fish to one scale',
        due: 'due today, in walking order',
        nothingAt: (list: string) => `Nothing is due at ${list}.`,
        nothing: 'Nothing is due today.',
        upgrades: 'Upgrades ahead',
        moreUpgrades: (n: number) => `${capital(plural(n, 'more', 'more'))} later: all fish`,
        fallbacks: 'Where would they go?',
        moreFallbacks: (n: number) => `${capital(plural(n, 'more', 'more'))} without a place to go to.`,
        noUpgrades: 'No fish outgrows its home within the horizon.',
        writeDown: 'Write down',
        key: { due: 'due here', look: 'look only', fish: 'fish due' },
        empty: 'No systems yet: this facility is empty.',
        emptyHelp: 'Add the first one under Systems. Or load the demo with bin/demo to look around.',
        waterTitle: 'Water to look at',
        eatsWell: 'Eats, no sign',
        verbs: {
            measure: 'Measure',
            watch: 'Look',
            move: 'Move',
            interim: 'Decide',
            quarantine: 'Look',
            preparation: 'Open',
            test: 'Test',
        } satisfies Record<DueRow['kind'], string>,
        headline: (due: readonly DueRow[], places: number, systems: number): string => {
            const first = due[0]
            if (first === undefined) {
                return 'Nothing is due today. Walk the round and look.'
            }
            const looks = due.filter((one) => one.kind === 'watch').length
            const measures = due.filter((one) => one.kind === 'measure').length
            const rest = due.length - looks - measures
            const parts = [
                looks > 0 ? plural(looks, 'fish to watch', 'fish to watch') : '',
                measures > 0 ? plural(measures, 'fish to measure', 'fish to measure') : '',
                rest > 0 ? plural(rest, 'other thing') : '',
            ]
            return `${capital(
                parts
                    .filter((part) => part !== '')
                    .join(', ')
                    .replace(/, ([^,]*)$/, ' and $1'),
            )} in ${number(places)} of ${number(systems)} systems. Begin with ${first.name}.`
        },
        upgradesLine: (over: number, soon: number): string =>
            over === 0 && soon === 0
                ? 'No fish outgrows its home within 90 days.'
                : over === 0
                  ? `${capital(plural(soon, 'fish may outgrow its home', 'fish may outgrow their homes'))} within 90 days.`
                  : `${capital(plural(over, 'fish has outgrown its home', 'fish have outgrown their homes'))}${soon === 0 ? '.' : `, and ${plural(soon, 'more may', 'more may')} within 90 days.`}`,
    },

    fish: {
        title: (name: string) => `Fish sheet: ${name}`,
        listTitle: 'All fish',
        listHeadline: (n: number, outgrown: number): string =>
            `${capital(plural(n, 'fish or shoal', 'fish and shoals'))} live here${outgrown === 0 ? '.' : `, ${number(outgrown)} of them in homes they have outgrown.`}`,
        listComment: 'Soonest to outgrow its home first.',
        none: 'No fish yet.',
        columns: {
            name: 'Name',
            species: 'Species',
            home: 'Lives in',
            length: 'Today',
            outgrows: 'Outgrows it',
            next: 'Could go to',
            measure: 'Measure',
        },
        record: 'Record a length',
        save: 'Save length',
        correct: 'Correct a length',
        saveCorrection: 'Save correction',
        date: 'Day',
        length: 'Length',
        method: 'How it was measured',
        keep: 'Save anyway',
        saved: (length: string, name: string) => `Recorded: ${name}, ${length}.`,
        corrected: (length: string, name: string) => `Corrected: ${name}, ${length}.`,
        removed: 'Length taken out.',
        correctAct: 'Correct',
        takeOutAct: 'Delete',
        correctOne: (length: string) => `Correct ${length}`,
        takeOutOne: (length: string) => `Delete ${length}`,
        stale: (now: string) =>
            `It was changed meanwhile and is now ${now}. Look again before you correct it.`,
        lengths: 'Lengths',
        facts: {
            origin: 'From',
            purpose: 'Kept for',
            fallback: 'Rehoming',
            fed: 'Fed',
            mass: 'Mass',
            known: 'Known from',
            members: 'Members',
            index: 'Growth index',
            before: 'Before',
            species: 'Species',
            home: 'Lives in',
            pace: 'Pace',
            adult: 'Adult size',
            next: 'Next home',
            count: 'Count',
        },
        picture: 'Show as a picture',
        table: 'Show as a table',
        legend: {
            measured: 'measured, with its error',
            flagged: 'kept, counted less',
            likely: 'likely',
            band: 'eight in ten',
        },
        ahead: 'Length to come',
        homes: 'Every home held against it',
        homeColumns: { name: 'System', limit: 'Fits until', why: 'Then', when: 'Outgrown', water: 'Water' },
        log: 'What happened',
        noLog: 'Nothing written down yet.',
        outgrows: (home: string, span: string) => `outgrows ${home}, ${span}`,
        today: 'today',
        ofHome: (home: string, isCurrent: boolean) => (isCurrent ? `${home}, now` : home),
        none_next: 'none here takes it',
        pace: (percent: number): string => {
            const word =
                percent < 10
                    ? 'very slow'
                    : percent < 30
                      ? 'slow'
                      : percent <= 70
                        ? 'usual'
                        : percent <= 90
                          ? 'quick'
                          : 'very quick'
            return `${word} for its species (faster than ${percent.toFixed(0)} in 100)`
        },
        noPace: 'needs a second length',
        since: (home: string, day: string) => `${home}, since ${day}`,
        flagged: (length: string, day: string) =>
            `${length} on ${day} does not fit the others: kept, counted less.`,
        gone: (name: string) => `${name} is not here any more.`,
        disc: 'disc width',
        indexWords: (own: number, kind: number) => `${own.toFixed(2)} (its species ${kind.toFixed(2)})`,
        members: (smallest: string, largest: string) => `${smallest} to ${largest}; the largest decides`,
        known: (own: number, kin: number, kind: number, n: number): string =>
            [
                `${percent(own)} its own lengths`,
                kin >= 0.005 ? `${percent(kin)} ${plural(n, 'kin here', 'kin here')}` : '',
                `${percent(kind)} its species`,
            ]
                .filter((part) => part !== '')
                .join(', '),
        stalled: (name: string) =>
            `${name} has grown less than half of what was to be expected since the length before. Look at water, food, worms, teeth and who chases it.`,
        cramped: 'It may be cramped: do not take this as its adult size.',
        more: 'More about this length',
        lengthKind: 'Which length',
        ofItsSpecies: 'as its species is stated',
        sample: 'How many were measured',
        spread: 'Spread between them, mm',
        identify: 'Change',
        identifyLong: 'Change what it is',
        identifyTitle: 'What is it?',
        identifyHelp:
            'Its lengths stay; its future is projected anew. What it was taken for before stays in the history.',
        surely: 'It is',
        share: 'Belief, %',
        sex: 'Sex',
        sexes: { '': 'not known', male: 'male', female: 'female' },
        hatched: 'Hatched, if you know it',
        saveIdentity: 'Take it for this',
        identified: (name: string) => `Written down: what ${name} is.`,
        whatIf: {
            title: 'What if',
            help: 'Answers at once beside the present curve. Nothing is saved until you keep it.',
            ration: 'Fed',
            temperature: 'Water from now on, °C',
            home: 'Living in',
            asNow: 'as now',
            adult: 'If its adult size is really',
            line: 'what if',
            clear: 'Clear',
            keep: 'Keep it so',
            kept: (name: string) => `Kept: how ${name} is fed and what it is to become.`,
            move: 'Write down the move',
            warmth: 'The water belongs to the home: other fish there would share the change.',
        },
        stated: (length: string) => `${length}, as you stated`,
        asItsSpecies: 'As its species again',
        oneSpeciesMore: 'It may be another species still',
        perhapsNth: (n: number) => (n === 0 ? 'But it may be' : 'Or'),
        circumstances: 'Change',
        circumstancesLong: 'Change where it comes from and would go',
        circumstancesTitle: 'Where it comes from, and where it would go',
        circumstancesSaved: (name: string) => `Written down: where ${name} comes from and would go.`,
        noFallback: 'no plan',
        homesAhead: 'The homes ahead',
        housing: 'Its home by the rules',
        passes: 'Every rule of housing is kept.',
        notMeasured: 'never measured: from its species alone',
    },

    systems: {
        title: 'Systems',
        scale: 'Each to the scale of its own bar',
        headline: (n: number, over: number): string =>
            `${capital(plural(n, 'system'))}${over === 0 ? ', and every fish fits its home.' : `. ${over === 1 ? 'One is' : `${capital(number(over))} are`} too small for a fish in it.`}`,
        comment: 'Inside sizes, seen from above, with the fish as long as they are today.',
        run: 'swimming length',
        turn: 'turning width',
        depth: 'deep',
        noFish: 'no fish',
        notFull: 'Room for those who live here for as long as can be told.',
        full: (window: string, because: string) => `Full ${window}. ${because}.`,
        kinds: { tank: 'tank', vat: 'vat', pond: 'pond' } satisfies Record<SystemSheet['kind'], string>,
    },

    record: {
        incident: 'Incident',
        loss: 'Loss',
        move: 'Move',
        count: 'Count',
        measure: 'Measure',
        incidentTitle: 'Who did what to whom?',
        lossTitle: 'Write down a loss',
        moveTitle: 'Write down a move already made',
        countTitle: 'Count a shoal',
        actor: 'Who',
        target: 'To whom',
        act: 'What',
        harm: 'Harm',
        day: 'Day',
        time: 'Time, if you know it',
        fish: 'Fish',
        shoal: 'Shoal',
        how: 'How',
        cause: 'Cause, in your words',
        lost: 'How many',
        to: 'To',
        number: 'Number',
        sure: 'How sure',
        choose: 'Choose…',
        saveIncident: 'Write down',
        saveLoss: 'Write down',
        saveMove: 'Write down',
        saveCount: 'Write down',
        moveHelp: 'It ends the present stay and begins the next.',
        lossHelp:
            'Never release fish, plants or water into the wild; for protected species ask what local law wants at parting.',
        done: {
            incident: (actor: string, target: string, act: Act) =>
                `Written down: ${actor} ${acts[act]} ${target}.`,
            loss: (name: string, kind: LossKind) => `Written down: ${name}, ${losses[kind]}.`,
            move: (name: string, to: string) => `Written down: ${name} moved to ${to}.`,
            count: (name: string, n: number, kind: CountKind) => `Counted: ${name}, ${n}, ${counts[kind]}.`,
        },
    },
}

export const methods: Record<Method, { word: string; error: string }> = {
    hand: { word: 'board', error: '± 1 %' },
    picture: { word: 'picture', error: '± 3 %' },
    ruler: { word: 'through glass', error: '± 5 %' },
    eye: { word: 'by eye', error: '± 12 %' },
}

export const lengthKinds: Record<LengthKind, string> = {
    total: 'total, snout to tip',
    fork: 'fork',
    standard: 'standard, without the tail',
    disc: 'disc width',
}

export const rations: Record<Ration, string> = {
    sparse: 'sparsely',
    steady: 'once a day, steadily',
    several: 'several times a day',
}

export const acts: Record<Act, string> = {
    sparred: 'sparred with',
    flared: 'flared at',
    chased: 'chased',
    nipped: 'nipped',
    bit: 'bit',
    rammed: 'rammed',
}

export const harms: Record<Harm, string> = {
    none: 'no harm',
    'torn-fin': 'torn fin',
    'lost-scales': 'lost scales',
    wound: 'wound',
    death: 'death',
}

export const losses: Record<LossKind, string> = {
    death: 'died',
    eaten: 'was eaten',
    jumped: 'jumped out',
    disease: 'died of disease',
    injury: 'died of an injury',
    rehomed: 'rehomed',
    'given-back': 'given back',
    vanished: 'vanished',
}

export const counts: Record<CountKind, string> = {
    'all-caught': 'all caught',
    'at-least': 'at least so many seen',
    estimate: 'an estimate',
}

const waters: Record<Home['temperature'], string> = {
    suits: 'suits',
    'too-cold': 'too cold',
    'too-warm': 'too warm',
}

export const waterWord = (home: Home): string => waters[home.temperature]

/** "21 Jun to 13 Aug", "now", "perhaps from 29 Apr 2028" or "fits". */
export function windowWords(window: Pick<Window, 'early' | 'late'>, today: string): string {
    if (window.early === null) {
        return 'fits'
    }
    if (window.early === today) {
        return window.late === null || window.late !== today ? `now or soon` : 'now'
    }
    return window.late === null
        ? `perhaps from ${shortDay(window.early, today)}`
        : daySpan(window.early, window.late, today, 'to', 'short')
}

/** The answer to a what-if. */
export function whatIfSentence(
    name: string,
    home: string,
    reason: string,
    window: Window,
    today: string,
    horizon: string,
): string {
    if (window.early === null) {
        return `Then ${name} fits ${home} until ${monthOfYear(horizon)} at least.`
    }
    if (window.early === today) {
        return `Then ${name} is too large for ${home} now${window.late === null || window.late !== today ? ' or soon' : ''}: ${reason}.`
    }
    return window.late === null
        ? `Then ${name} may outgrow ${home} from ${longDay(window.early, today)} on: ${reason}.`
        : `Then ${name} outgrows ${home} between ${daySpan(window.early, window.late, today, 'and', 'long')}: ${reason}.`
}

/** "tambaqui 72 %, giant gourami 28 %" for an unsure fish. */
export function speciesShareWords(knowledge: FishSheet['knowledge']): string {
    return knowledge.candidates.length === 1
        ? (knowledge.candidates[0]?.name.toLowerCase() ?? '')
        : knowledge.candidates.map((one) => `${one.name.toLowerCase()} ${percent(one.weight)}`).join(', ')
}

/** The worst case of an unsure fish. */
function worstWords(home: Home, name: string, today: string): string {
    const window = home.worst
    if (window?.early == null || home.worst_species === null) {
        return ''
    }
    const when =
        window.late === null
            ? `from ${longDay(window.early, today)} on`
            : `between ${daySpan(window.early, window.late, today, 'and', 'long')}`
    return `If ${name} is a ${home.worst_species.toLowerCase()}, it outgrows ${home.name} ${when}: ${home.reason}.`
}

/** The sentence above a fish's picture. */
export function fishSentence(fish: FishRow, today: string, horizon: string): string {
    const { home } = fish
    const window = home.outgrows
    if (fish.count === 0) {
        return words.fish.gone(fish.name)
    }
    const worst = worstWords(home, fish.name, today)
    if (worst !== '' && home.fits_now) {
        return worst
    }
    const outgrow = fish.is_shoal ? 'outgrow' : 'outgrows'
    if (!home.fits_now) {
        return `${fish.name} ${fish.is_shoal ? 'have' : 'has'} outgrown ${home.name}: ${home.reason}.`
    }
    if (window.early === null) {
        const long =
            window.late_means === 'stays below'
                ? 'as an adult too, by all that is known'
                : `until ${monthOfYear(horizon)} at least`
        return `${fish.name} ${fish.is_shoal ? 'fit' : 'fits'} ${home.name} ${long}.`
    }
    if (window.early === today) {
        const latest = window.late === null ? '' : `, ${longDay(window.late, today)} at the latest`
        return `${fish.name} ${outgrow} ${home.name} now${latest}: ${home.reason}.`
    }
    return window.late === null
        ? `${fish.name} may outgrow ${home.name} from ${longDay(window.early, today)} on: ${home.reason}.`
        : `${fish.name} ${outgrow} ${home.name} between ${daySpan(window.early, window.late, today, 'and', 'long')}: ${home.reason}.`
}

/** Where a fish could go, and until when; judged by size and temperature only. */
export function nextSentence(fish: FishRow, today: string): string {
    if (fish.count === 0 || fish.home.outgrows.early === null) {
        return ''
    }
    if (fish.next === null) {
        return 'No system in use here is larger and of the right temperature: a home must be found or built.'
    }
    const { name, outgrows } = fish.next
    return outgrows.early === null
        ? `${name} is the smallest here that would take it, for as long as can be told.`
        : `${name} is the smallest here that would take it, until ${daysBetween(today, outgrows.early) > 300 ? monthOfYear(outgrows.early) : longDay(outgrows.early, today)} at least.`
}

/** What is thought of a length while it is typed. */
export function reviewSentence(review: Review, unit: LengthUnit, today: string): string {
    const low = (review.expected_mm.low / unit.mm).toFixed(1)
    const high = (review.expected_mm.high / unit.mm).toFixed(1)
    const expected = `Expected ${low} to ${high} ${unit.word}`
    const verdict =
        review.length_mm < review.expected_mm.low
            ? 'a little short'
            : review.length_mm > review.expected_mm.high
              ? 'a little long'
              : 'as expected'
    if (review.before === null) {
        return `${expected} from its species alone.`
    }
    const change = (review.length_mm - review.before.length_mm) / unit.mm
    const by = `${Math.abs(change).toFixed(1)} ${unit.word} ${change < 0 ? 'less' : 'more'} than on ${longDay(review.before.date, today)}.`
    return `${by} ${expected}: ${verdict}.`
}

export function logSentence(line: LogLine, name: string, unit: LengthUnit): string {
    const [from, to] = [line.from ?? '', line.to ?? '']
    switch (line.type) {
        case 'incident': {
            const [actor, target] =
                line.is_actor === true ? [name, line.other ?? ''] : [line.other ?? '', name]
            const harm = line.harm === null || line.harm === 'none' ? '' : `: ${harms[line.harm]}`
            return `${actor} ${line.act === null ? '' : acts[line.act]} ${target}${harm}`
        }
        case 'loss':
            return `${(line.count ?? 1) > 1 ? `${line.count ?? 1} ` : ''}${losses[line.kind as LossKind]}${line.cause === null ? '' : `: ${line.cause}`}`
        case 'count':
            return `counted ${line.count ?? 0}, ${counts[line.kind as CountKind]}`
        case 'move':
            return `moved from ${from} to ${to}`
        case 'species':
            return `taken for ${to.toLowerCase()}, before for ${from.toLowerCase()}`
        case 'candidates':
            return to === '' ? 'no other species thought of any more' : `may also be ${to.toLowerCase()}`
        case 'sex':
            return to === '' ? 'sex not known after all' : `sexed: ${to}`
        case 'hatched':
            return to === '' ? 'day of hatching not known after all' : `hatched on ${to}`
        case 'adult':
            return to === ''
                ? 'adult size as its species again'
                : `adult size stated: ${measured(Number(to), unit)}`
        case 'ration':
            return `fed ${rations[to as Ration]}, before ${rations[from as Ration]}`
    }
}

/** "12 barbs" or the name of a single fish. */
export function nameWithCount(fish: FishRow): string {
    return fish.is_shoal ? `${fish.name} (${fish.count})` : fish.name
}

export function lastLengthWords(fish: FishRow, unit: LengthUnit, today: string): string {
    if (fish.last_length === null) {
        return 'Never measured'
    }
    const days = daysBetween(fish.last_length.date, today)
    return `Last length ${days === 0 ? 'today' : `${days} ${days === 1 ? 'day' : 'days'} ago`}: ${measured(fish.last_length.length_mm, unit)}`
}

export const lengthRange = (band: { low: number; likely: number; high: number }, unit: LengthUnit): string =>
    `${bare(band.low, unit)} to ${bare(band.high, unit)} ${unit.word}, likely ${bare(band.likely, unit)}`
