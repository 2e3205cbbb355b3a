import { describe, expect, it } from 'vitest'
import type {
    Chain,
    Claim,
    FishRow,
    GrowingFish,
    Home,
    Moves,
    Review,
    SuitableSpeciesRow,
    SystemSheet,
    UnreadableRow,
    Weighed,
} from '../../resources/js/api/types'
import {
    fishSentence,
    knownWords,
    lastLengthWords,
    nameWithCount,
    nextSentence,
    paceWords,
    reviewSentence,
    windowWords,
} from '../../resources/js/fish/sentences'
import { whatIfSentence } from '../../resources/js/fish/whatIfSentence'
import { movesSentence, watchColour } from '../../resources/js/moves/movesSentence'
import { claimSentence, every } from '../../resources/js/species/sentences'
import { planSentence } from '../../resources/js/systems/planSentence'
import { columnName, whatIsLeftOut } from '../../resources/js/today/leftOut'
import { unitOf } from '../../resources/js/units/length'
import { METRIC, US } from './unitsOf'
import {
    costWords,
    quarantineWords,
    stayWords,
    suitableHeadline,
    suitableWords,
} from '../../resources/js/weighup/sentences'

const TODAY = '2027-03-13'
const HORIZON = '2030-03-12'
const cm = unitOf(METRIC)
const inch = unitOf(US)

const plain = (text: string): string => text.replaceAll('\u00a0', ' ').replaceAll('\u202f', ' ')

const never = { early: null, likely: null, late: null, late_means: 'stays below' }
const between = { early: '2027-06-21', likely: '2027-07-10', late: '2027-08-13', late_means: 'date' }

/** Part of what the API tells, the rest as in a usual answer. */
const home = (part: object = {}): Home =>
    ({
        system_id: 1,
        name: 'Kiln vat',
        limit_mm: 400,
        reason: 'too narrow to turn',
        fits_now: true,
        outgrows: between,
        worst: null,
        worst_species: null,
        temperature: 'suits',
        ...part,
    }) as unknown as Home

const fish = (part: object = {}): FishRow =>
    ({
        id: 3,
        name: 'Moss',
        count: 1,
        is_shoal: false,
        home: home(),
        next: null,
        leaves: '2027-06-21',
        leaves_because: 'Too narrow.',
        last_length: null,
        ...part,
    }) as unknown as FishRow

/** Says each, in order. */
function saysEach(cases: [said: string, is: string][]): void {
    it.each(cases)('%s', (said, is) => {
        expect(plain(said)).toBe(is)
    })
}

describe('the sentence above a fish', () => {
    const said = (part: object = {}): string => fishSentence(fish(part), TODAY, HORIZON)
    const leaving = (part: object): object => ({ home: home({ outgrows: { ...between, ...part } }) })
    saysEach([
        [said(), 'Moss outgrows Kiln vat between 21 June and 13 August: too narrow to turn.'],
        [
            said({ name: 'Barbs', is_shoal: true, count: 12 }),
            'Barbs outgrow Kiln vat between 21 June and 13 August: too narrow to turn.',
        ],
        [
            said({ leaves: '2027-05-02', leaves_because: 'Too many for the floor.' }),
            'Moss may have to leave Kiln vat on 2 May: Too many for the floor.',
        ],
        [
            said({ leaves: TODAY, leaves_because: 'Tarn can swallow Moss.' }),
            'Moss should not stay in Kiln vat: Tarn can swallow Moss.',
        ],
        [
            said({
                leaves: '2027-05-02',
                leaves_because: 'Too many for the floor.',
                home: home({ worst: between, worst_species: 'Giant gourami' }),
            }),
            'Moss may have to leave Kiln vat on 2 May: Too many for the floor.',
        ],
        [said({ count: 0 }), 'Moss is not here any more.'],
        [said({ home: home({ fits_now: false }) }), 'Moss has outgrown Kiln vat: too narrow to turn.'],
        [said(leaving({ early: TODAY, late: null })), 'Moss outgrows Kiln vat now: too narrow to turn.'],
        [
            said(leaving({ early: TODAY })),
            'Moss outgrows Kiln vat now, 13 August at the latest: too narrow to turn.',
        ],
        [said(leaving({ late: null })), 'Moss may outgrow Kiln vat from 21 June on: too narrow to turn.'],
        [
            said({ leaves: null, home: home({ outgrows: never }) }),
            'Moss fits Kiln vat as an adult too, by all that is known.',
        ],
        [
            said({ leaves: null, home: home({ outgrows: { ...never, late_means: 'beyond horizon' } }) }),
            'Moss fits Kiln vat until Mar 2030 at least.',
        ],
        [
            said({ home: home({ worst: between, worst_species: 'Giant gourami' }) }),
            'If Moss is a giant gourami, it outgrows Kiln vat between 21 June and 13 August: too narrow to turn.',
        ],
        [
            said({ home: home({ worst: { ...between, late: null }, worst_species: 'Giant gourami' }) }),
            'If Moss is a giant gourami, it outgrows Kiln vat from 21 June on: too narrow to turn.',
        ],
    ])
})

describe('where it goes next', () => {
    const said = (part: object): string => nextSentence(fish(part), TODAY)
    const next = (part: object = {}): object => ({
        next: {
            name: 'Gauge tank',
            from: '2027-06-01',
            leave: '2027-12-21',
            company: [],
            mend: [],
            is_planned: false,
            is_interim: false,
            ...part,
        },
    })
    saysEach([
        [said({}), 'No other home in use here will do: one must be found or built.'],
        [said(next()), 'Next Gauge tank, from 1 June on, until 21 December.'],
        [said(next({ leave: '2029-01-15' })), 'Next Gauge tank, from 1 June on, until Jan 2029.'],
        [said(next({ leave: null })), 'Next Gauge tank, from 1 June on, for as long as can be told.'],
        [
            said(next({ leave: null, from: TODAY, company: ['Tarn', 'Reed'], mend: ['Fit a lid.'] })),
            'Next Gauge tank, now, for as long as can be told, only if it gets on with Tarn and Reed. Fit a lid.',
        ],
        [
            said({ ...next({ is_interim: true, from: TODAY, company: ['Tarn'] }), is_shoal: true, count: 3 }),
            'Only Gauge tank takes them now, as a stopgap until 21 December, only if they get on with Tarn.',
        ],
        [said(next({ is_planned: true })), 'To Gauge tank from 1 June on, as planned.'],
        [said({ leaves: null }), ''],
        [said({ count: 0 }), ''],
    ])
})

describe('a window, short and as the answer to a what-if', () => {
    const whatIf = (window: object, name = 'Moss', count = 1): string =>
        whatIfSentence({ name, count }, 'Kiln vat', 'too narrow', window as never, TODAY, HORIZON)
    const now = { ...never, early: TODAY, late: TODAY }
    const soon = { ...never, early: TODAY }
    const perhaps = { ...between, late: null }
    saysEach([
        [windowWords(never, TODAY), 'fits'],
        [windowWords(now, TODAY), 'now'],
        [windowWords(soon, TODAY), 'now or soon'],
        [windowWords(between, TODAY), '21 Jun to 13 Aug'],
        [windowWords(perhaps, TODAY), 'perhaps from 21 Jun'],
        [whatIf(never), 'Then Moss fits Kiln vat until Mar 2030 at least.'],
        [whatIf(never, 'Barbs', 9), 'Then Barbs fit Kiln vat until Mar 2030 at least.'],
        [whatIf(now), 'Then Moss is too large for Kiln vat now: too narrow.'],
        [whatIf(now, 'Barbs', 9), 'Then Barbs are too large for Kiln vat now: too narrow.'],
        [whatIf(soon), 'Then Moss is too large for Kiln vat now or soon: too narrow.'],
        [whatIf(between), 'Then Moss outgrows Kiln vat between 21 June and 13 August: too narrow.'],
        [
            whatIf(between, 'Barbs', 9),
            'Then Barbs outgrow Kiln vat between 21 June and 13 August: too narrow.',
        ],
        [whatIf(perhaps), 'Then Moss may outgrow Kiln vat from 21 June on: too narrow.'],
    ])
})

describe('what is thought of a length', () => {
    const before = { date: '2027-01-02', length_mm: 190 }
    const review = (
        length: number,
        earlier: object | null = before,
        question: Review['question'] = null,
    ): Review =>
        ({
            length_mm: length,
            expected_mm: { low: 200, high: 240 },
            before: earlier,
            question,
        }) as unknown as Review
    const last = (date: string, unit = cm): string =>
        lastLengthWords(fish({ last_length: { date, length_mm: 254 } }), unit, TODAY)
    saysEach([
        [
            reviewSentence(review(220), cm, TODAY),
            '3.0 cm more than on 2 January. Expected 20.0 to 24.0 cm: as expected.',
        ],
        [
            reviewSentence(review(150), cm, TODAY),
            '4.0 cm less than on 2 January. Expected 20.0 to 24.0 cm: a little short.',
        ],
        [
            reviewSentence(review(300), inch, TODAY),
            '4.3 in more than on 2 January. Expected 7.9 to 9.4 in: a little long.',
        ],
        [
            reviewSentence(review(22, before, 'unit-slip'), cm, TODAY),
            '16.8 cm less than on 2 January. Expected 20.0 to 24.0 cm: shorter than can be believed.',
        ],
        [
            reviewSentence(review(300, before, 'jumped'), cm, TODAY),
            '11.0 cm more than on 2 January. Expected 20.0 to 24.0 cm: longer than can be believed.',
        ],
        [reviewSentence(review(220, null), cm, TODAY), 'Expected 20.0 to 24.0 cm from its species alone.'],
        [lastLengthWords(fish(), cm, TODAY), 'Never measured'],
        [last(TODAY, inch), 'Last length today: 10.0 in'],
        [last('2027-03-12'), 'Last length a day ago: 25.4 cm'],
        [last('2027-03-01'), 'Last length 12 days ago: 25.4 cm'],
        [nameWithCount(fish({ is_shoal: true, count: 7 })), 'Moss (7)'],
        [paceWords('very-quick', 96.4), 'very quick for its species (faster than 96 in 100)'],
        [knownWords(0.61, 0.24, 0.15, 3), '61 % its own lengths, 24 % three kin here and 15 % its species'],
        [knownWords(0.6, 0, 0.4, 0), '60 % its own lengths and 40 % its species'],
    ])
})

describe('what goes on with moves', () => {
    const said = (part: object): string =>
        movesSentence({ open: [], additions: [], quarantines: [], ...part } as unknown as Moves)
    saysEach([
        [said({}), 'Nobody is on the move.'],
        [said({ open: [1], quarantines: [1, 2] }), 'One move is planned and two in quarantine.'],
        [
            said({ open: [1, 2], additions: [{ watches: [{ outcome: 'watch' }] }] }),
            'Two moves are planned and one fish is watched.',
        ],
        [
            said({
                open: [1],
                additions: [{ watches: [{ outcome: 'take-out', sentence: 'Take Moss out.' }] }],
            }),
            'Take Moss out.',
        ],
        [watchColour({ outcome: 'settled' } as never), 'fit'],
        [watchColour({ outcome: 'take-out' } as never), 'over'],
    ])
})

describe('weighing up', () => {
    const row = (part: object = {}): SuitableSpeciesRow =>
        ({ fit: 'for-life', least: 1, most: 1, until: null, ...part }) as unknown as SuitableSpeciesRow
    const brief = row({ fit: 'until' })
    const stay = (part: object): string =>
        stayWords(
            {
                is_for_life: false,
                is_planned: false,
                is_interim: false,
                move: null,
                leave: null,
                from: '2027-06-01',
                ...part,
            } as unknown as Chain['stays'][number],
            HORIZON,
            TODAY,
        )
    const quarantine = (home: string | null): string =>
        quarantineWords({ quarantine_days: 28, quarantine_home: home } as Weighed)
    const cost = (part: object): string => costWords(part as NonNullable<Weighed['upkeep']>, null)
    saysEach([
        [suitableWords(row()), 'for life'],
        [suitableWords(row({ fit: 'not' })), 'no'],
        [suitableWords(row({ least: 6, most: 14 })), 'for life, 6 to 14 of them'],
        [suitableWords(row({ least: 6, most: 6 })), 'for life, as a group of 6'],
        [suitableWords(row({ fit: 'until', until: '2028-03-04' })), 'until Mar 2028'],
        [suitableWords(brief), 'ten years at least'],
        [suitableHeadline('Kiln vat', [], undefined), 'Nothing would fit Kiln vat for life, nor for a time.'],
        [
            suitableHeadline('Kiln vat', [brief], undefined),
            'Nothing would fit Kiln vat for life, one species for a time.',
        ],
        [
            suitableHeadline('Kiln vat', [row(), brief], undefined),
            'One species fits Kiln vat for life, one for a time.',
        ],
        [
            suitableHeadline('Kiln vat', [row()], 'Moss'),
            'One species fits Kiln vat with Moss for life, none for a time.',
        ],
        [
            suitableHeadline('Kiln vat', [row(), row()], undefined),
            'Two species fit Kiln vat for life, none for a time.',
        ],
        [stay({ is_for_life: true }), 'for life'],
        [stay({}), 'until Mar 2030 at least'],
        [stay({ leave: '2027-09-01' }), 'until 1 September'],
        [stay({ move: '2027-09-01', leave: '2027-09-01' }), 'until 1 September'],
        [
            stay({ move: '2027-08-01', leave: '2027-09-01' }),
            'move on 1 August, outgrown 1 September at the earliest',
        ],
        [stay({ move: '2027-08-01', is_planned: true }), 'planned for 1 June, move on 1 August'],
        [stay({ leave: '2027-07-01', is_interim: true }), 'as a stopgap, until 1 July'],
        [stay({ leave: TODAY, move: TODAY }), 'no longer'],
        [quarantine(null), '28 days, and no home is free for it'],
        [quarantine('Box'), '28 days, Box is free'],
        [
            cost({
                whole_cost: 1234,
                whole_low: 900,
                whole_high: 2100,
                years: 12,
                price: null,
                food_cost: 1234,
                keep_cost: null,
                home_cost: 0,
            }),
            'about 1 234 over 12 years: 1 234 for food; 900 to 2 100 as its life and growth may go',
        ],
        [
            cost({
                whole_cost: 4821,
                whole_low: 4000,
                whole_high: 6000,
                years: 20,
                price: 40,
                food_cost: 1281,
                keep_cost: 500,
                home_cost: 3000,
            }),
            'about 4 821 over 20 years: 40 to buy, 1 281 for food, 500 for water and power and 3 000 to build; 4 000 to 6 000 as its life and growth may go',
        ],
    ])
})

describe('what is left out, and where sizes come from', () => {
    const left = (table: UnreadableRow['table'], name: string | null): string =>
        whatIsLeftOut({ table, name } as UnreadableRow)
    const claim = (part: object): string =>
        claimSentence({ kind: 'keepers', sex: null, share: 0.35, ...part } as unknown as Claim)
    saysEach([
        [left('measurements', 'Moss'), 'A length of Moss'],
        [left('systems', 'Kiln vat'), 'The system Kiln vat'],
        [left('fish', 'Moss'), 'Moss'],
        [left('facilities', 'Heron Lock'), 'The rulebook'],
        [left('losses', null), 'A loss'],
        [left('fish_candidates', 'Moss'), 'A possible species of Moss'],
        [columnName('date'), 'Day'],
        [columnName('something_new'), 'something_new'],
        [claim({}), 'keepers: counts for 35 %'],
        [claim({ sex: 'male' }), 'keepers, males: counts for 35 %'],
        [claim({ share: 0 }), 'keepers: says what is possible, does not count toward the usual'],
        [every(30), 'Monthly'],
        [every(90), 'Every 3 months'],
        [every(10), 'Every 10 days'],
    ])
})

describe('the sentence above a floor plan', () => {
    const system = {
        name: 'Kiln vat',
        fish: [
            { id: 1, count: 1, leaves: null },
            { id: 2, count: 12, leaves: null },
        ],
    } as unknown as SystemSheet
    const names = new Map([
        [1, 'Moss'],
        [2, 'Barbs'],
    ])
    const grows = (id: number, likely: number, limit: number, outgrown: string | null = null): GrowingFish =>
        ({
            id,
            likely_mm: [likely],
            limit_mm: limit,
            outgrown_on: outgrown,
            reason: 'too long to turn',
        }) as unknown as GrowingFish
    const said = (all: GrowingFish[], date = TODAY, fullest = 0.5): string =>
        planSentence({ system, names, fish: all, at: 0, date, today: TODAY, fullest })
    const later = '2028-01-01'
    saysEach([
        [said([]), 'Kiln vat stands empty.'],
        [said([grows(1, 200, 400)]), 'Today Kiln vat holds Moss.'],
        [said([grows(1, 200, 400)], later), 'On 1 January 2028 Kiln vat still holds Moss.'],
        [
            said([grows(1, 200, 400), grows(2, 100, 120)]),
            'Today Kiln vat holds both; Barbs are nearest to their limit.',
        ],
        [
            said([grows(1, 390, 400), grows(2, 10, 120), grows(2, 2, 100)], later),
            'On 1 January 2028 Kiln vat still holds all three; Moss is nearest to its limit.',
        ],
        [
            said([grows(1, 200, 400, '2027-05-01'), grows(2, 1, 2)], later),
            'On 1 January 2028 Kiln vat no longer fits Moss: too long to turn.',
        ],
        [
            said([grows(1, 200, 400, '2027-05-01'), grows(2, 1, 2, '2027-05-02')], later),
            'On 1 January 2028 Kiln vat no longer fits Moss, nor one other: too long to turn.',
        ],
        [
            planSentence({
                system: {
                    ...system,
                    fish: [
                        fish({
                            id: 1,
                            leaves: TODAY,
                            leaves_because: 'It lives with its own species alone.',
                            home: home({ outgrows: never }),
                        }),
                    ],
                },
                names,
                fish: [grows(1, 200, 400)],
                at: 0,
                date: TODAY,
                today: TODAY,
                fullest: 0.5,
            }),
            'Today Moss should not stay in Kiln vat. It lives with its own species alone.',
        ],
        [
            said([grows(1, 200, 400)], TODAY, 1.2),
            'Today everybody fits Kiln vat one by one, but together they need 120 % of its floor.',
        ],
    ])
})
