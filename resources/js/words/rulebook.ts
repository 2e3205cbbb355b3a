import type { RuleNumber, RuleOptionRow } from '../api/types'

type RuleOption = RuleOptionRow['question']

/** Words about the rulebook. Common practice, where keepers disagree. */
export const rulebookWords = {
    title: 'Rulebook',
    headline: (changed: number): string =>
        changed === 0
            ? 'Every rule stands as it came.'
            : `${changed === 1 ? 'One rule is' : `${changed} rules are`} your own; the others stand as they came.`,
    comment:
        'Where keepers disagree, choose your school: it changes every verdict and date. All of it is common practice, without a published source.',
    usual: 'as it came',
    lose: (names: readonly string[]) =>
        `${listOf(names)} would lose ${names.length === 1 ? 'its home' : 'their homes'}.`,
    gain: (names: readonly string[]) => `${listOf(names)} could stay after all.`,
    elsewhere: (names: readonly string[]) => `${listOf(names)} would go to another home next.`,
    nobody: 'Nobody here would have to move.',
    numbers: 'The numbers behind the rules',
    reset: 'Back to',
    saved: 'Written down in the rulebook.',
    exceptions: 'Exceptions',
    noExceptions: 'No fish and no system has a rule of its own.',
    addException: 'Add an exception',
    exceptionTitle: 'A rule of its own',
    of: 'For',
    aFish: 'a fish',
    aSystem: 'a system',
    which: 'Which',
    rule: 'Rule',
    answer: 'There it is',
    setAside: 'not held against it',
    reason: 'Why',
    reasonHelp: 'For whoever reads this later.',
    write: 'Write down',
    takeOut: 'Delete',
}

const MOST_NAMES = 5

function listOf(names: readonly string[]): string {
    const shown = names.slice(0, MOST_NAMES).join(', ')
    return names.length > MOST_NAMES ? `${shown} and ${names.length - MOST_NAMES} more` : shown
}

/** What is asked, and what depends on it. */
export const questions: Record<RuleOption, { ask: string; decides: string }> = {
    home: { ask: 'How big a home?', decides: 'Limits and outgrow dates of every fish.' },
    upgrade: { ask: 'When to move up?', decides: 'Which home comes next, here and when weighing up.' },
    floor: {
        ask: 'How many share a floor?',
        decides:
            'When a system is full. Crowding holds only for six or more mid-sized fish of like size with extra air and flow, and a larger weekly change.',
    },
    adding: {
        ask: 'How to add fish?',
        decides: 'Kept for the move sheet, which is still to come: the order in which newcomers are moved.',
    },
    newcomer: {
        ask: 'How large a newcomer?',
        decides:
            'Kept for the move sheet, which is still to come: when a newcomer may join residents that rank.',
    },
    acclimating: {
        ask: 'How to acclimate?',
        decides: 'Kept for the move sheet, which is still to come: how long a newcomer is mixed.',
    },
    water: {
        ask: 'Which water?',
        decides: 'Kept for later. What is said of pH and hardness is advice in either case.',
    },
    quarantine: {
        ask: 'How long in quarantine?',
        decides: 'Days before a new fish may join others, when weighing up.',
    },
    ration: { ask: 'How often to feed?', decides: 'How new fish are fed, and so how fast they grow.' },
    live_food: { ask: 'Live food?', decides: 'What is said when a hunter is weighed up.' },
    breeding_ratio: {
        ask: 'Males to females in a breeding group?',
        decides: 'Kept for later: how a breeding group is put together.',
    },
    thrown_out: {
        ask: 'A fish that was thrown out?',
        decides: 'Kept for the watch after a move, which is still to come: what is advised after a time-out.',
    },
}

export const answers: Record<string, string> = {
    footprint: 'by length and width in body lengths',
    'litres-lean': 'by litres, lean',
    'litres-usual': 'by litres, usual',
    'litres-generous': 'by litres, generous',
    both: 'both must hold',
    staged: 'staged: a home for some months at a time',
    'final-first': 'the adult home first',
    roomy: 'roomy',
    crowded: 'crowded on purpose',
    'by-temperament': 'by temperament',
    'pairs-or-more': 'always in pairs or more',
    'one-at-a-time': 'one at a time',
    'small-enough-to-be-ignored': 'small enough to be ignored, where residents rank',
    'grown-out': 'grown out to near the residents',
    'by-difference': 'by the measured difference',
    'always-slow': 'always slowly',
    steady: 'steady',
    tuned: 'tuned to the species',
    standard: 'standard',
    short: 'short',
    long: 'long',
    several: 'several times a day, for speed',
    sparse: 'sparsely',
    'no-feeder-fish': 'no feeder fish',
    'cultured-at-home': 'cultured at home only',
    '2:2': 'two males to two females',
    '1:2': 'one to two',
    '1:3': 'one to three or more',
    'one-time-out': 'one time-out, then a new home',
    'rehome-at-once': 'a new home at once',
    divider: 'a divider',
}

export const numberWords: Record<RuleNumber['name'], string> = {
    swim_slow: 'Swimming length of slow fish, body lengths',
    swim_cruising: 'Swimming length of cruising fish, body lengths',
    swim_racing: 'Swimming length of racing fish, body lengths',
    turn_slow: 'Turning width of slow fish, body lengths',
    turn_cruising: 'Turning width of cruising fish, body lengths',
    turn_racing: 'Turning width of racing fish, body lengths',
    turn_ray: 'Turning width of rays, disc widths',
    floor_roomy: 'Floor per squared length, roomy',
    floor_crowded: 'Floor per squared length, crowded',
    crowded_least: 'Least number on a crowded floor',
    crowded_size_ratio: 'Largest to smallest on a crowded floor',
    crowded_longest_mm: 'Longest fish on a crowded floor, mm',
    litres_exponent: 'Litres grow with length to the power of',
    litres_least: 'Least litres of a long species',
    litres_least_from_mm: 'A long species is longer than, mm',
    move_at: 'Moved on at this share of the limit',
    staged_months: 'A staged home should last, months',
    quarantine_short_days: 'Short quarantine, days',
    quarantine_standard_days: 'Standard quarantine, days',
    quarantine_long_days: 'Long quarantine, days',
    weekly_change: 'Usual weekly change, share',
    build_lead_days: 'To build and settle a home, days',
    nitrate_target_mg_l: 'Nitrate not above, mg/l',
    nitrate_tap_mg_l: 'Nitrate of the tap, mg/l',
    filter_rate_g_m2_d: 'A square metre of media turns over, g N a day',
    food_price_per_kg: 'A kilogram of food costs',
    build_price_per_litre: 'A litre of a new home costs',
}

export const ruleWords: Record<string, string> = {
    salinity: 'salinity',
    temperature: 'temperature',
    size: 'size',
    'species-only': 'own species alone',
    floor: 'floor',
    'shared-litres': 'litres shared',
    group: 'group',
    overflow: 'overflow',
    fittings: 'fittings',
    ph: 'pH',
    hardness: 'hardness',
}
