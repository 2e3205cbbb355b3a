import { describe, expect, it } from 'vitest'
import type { RulebookSheet } from '../../resources/js/api/types'
import {
    changedRules,
    documentOf,
    withAnswer,
    withExceptions,
    withNumber,
} from '../../resources/js/rulebook/document'
import { claimsFrom, claimsTyped, noClaim } from '../../resources/js/species/claims'
import { describedFrom, shownValues, typedFrom, valueGroups } from '../../resources/js/species/valueFields'
import { IMPERIAL, METRIC, US } from './unitsOf'
import { askedOf, noCandidate } from '../../resources/js/weighup/candidate'

const USUAL = {
    curve: 'von-bertalanffy',
    length_kind: 'total',
    temperament: 3,
    species_only: false,
    salinity: 'fresh',
}

const GOURAMI = {
    key: 'gourami',
    common_name: 'Giant gourami',
    scientific_name: 'Osphronemus goramy',
    adult_length_mm: { low: 400, typical: 550, high: 700 },
    keep_c: { low: 22, high: 28 },
    litres: { for: 1, lean: 1000, usual: 1500, generous: 2500, each_more: 800 },
    needs: ['lid', 'guarded-heater'],
    look_alikes: [{ kind: 'kissing', marks: 'lips', shows_at_mm: 120 }],
    temperament: 4,
}

describe('the values of a species as they are typed', () => {
    const typed = typedFrom(GOURAMI, METRIC, USUAL)

    it.each([
        ['common_name', 'Giant gourami'],
        ['adult_length_mm.typical', '550'],
        ['keep_c.high', '28'],
        ['litres.usual', '1500'],
        ['needs', 'lid\nguarded-heater'],
        ['temperament', '4'],
        ['curve', 'von-bertalanffy'],
        ['species_only', 'false'],
        ['region', ''],
    ])('%s is shown as "%s"', (field, shown) => {
        expect(typed[field]).toBe(shown)
    })

    it.each([
        ['adult_length_mm.typical', '21.65'],
        ['keep_c.high', '82.4'],
        ['litres.usual', '396.3'],
    ])('%s is shown to a US facility as %s', (field, shown) => {
        expect(Number(typedFrom(GOURAMI, US, USUAL)[field])).toBeCloseTo(Number(shown), 1)
    })

    it('are exactly as before when nothing is typed, in all units', () => {
        for (const units of [METRIC, US, IMPERIAL]) {
            expect(describedFrom(GOURAMI, typedFrom(GOURAMI, units, USUAL), units, USUAL)).toEqual(GOURAMI)
        }
    })

    it('change only where something was typed', () => {
        const next = describedFrom(
            GOURAMI,
            { ...typed, 'adult_length_mm.high': '750', temperament: '5', needs: 'lid' },
            METRIC,
            USUAL,
        )
        expect(next).toEqual({
            ...GOURAMI,
            adult_length_mm: { low: 400, typical: 550, high: 750 },
            temperament: 5,
            needs: ['lid'],
        })
    })

    it('leave out a value that was emptied, and its parts with the last of them', () => {
        const next = describedFrom(
            GOURAMI,
            { ...typed, temperament: '', 'keep_c.low': '', 'keep_c.high': '' },
            METRIC,
            USUAL,
        )
        expect(next.temperament).toBeUndefined()
        expect(next.keep_c).toBeUndefined()
    })

    it('send what is no number as it was typed, so that the answer can name it', () => {
        const next = describedFrom(GOURAMI, { ...typed, 'adult_length_mm.high': 'huge' }, METRIC, USUAL)
        expect((next.adult_length_mm as Record<string, unknown>).high).toBe('huge')
    })

    it('are read with parts on one line, and without those nobody knows', () => {
        const all = valueGroups(METRIC).flatMap((group) => shownValues(GOURAMI, group, METRIC, USUAL))
        const texts = new Map(all.map((one) => [one.field, one.text]))
        expect(texts.get('keep_c')).toBe('from 22 to 28')
        expect(texts.has('region')).toBe(false)
        expect(all.length).toBe(texts.size)
    })

    it('have one place each', () => {
        for (const units of [METRIC, US]) {
            const names = valueGroups(units).flatMap((group) =>
                group.fields.map((one) => `${one.field}.${one.part ?? ''}`),
            )
            expect(new Set(names).size).toBe(names.length)
        }
    })
})

describe('claims of adult size', () => {
    const described = {
        adult_size_claims: [
            { length_mm: 610, kind: 'record', sex: 'female', source: 'a pond' },
            { length_mm: 500, kind: 'keepers' },
        ],
    }
    const typed = claimsTyped(described, METRIC)

    it('are shown in the units of the facility', () => {
        expect(typed).toEqual([
            { length: '610', kind: 'record', sex: 'female', source: 'a pond' },
            { length: '500', kind: 'keepers', sex: '', source: '' },
        ])
        expect(Number(claimsTyped(described, US)[0]?.length)).toBeCloseTo(24.02, 1)
    })

    it('are untouched while nothing is typed', () => {
        expect(claimsFrom(described, typed, METRIC)).toBe(described)
    })

    it('are sent with what is known of them', () => {
        const next = claimsFrom(described, [...typed, { ...noClaim, length: '720' }, noClaim], METRIC)
        expect(next.adult_size_claims).toEqual([
            { length_mm: 610, kind: 'record', sex: 'female', source: 'a pond' },
            { length_mm: 500, kind: 'keepers', source: '' },
            { length_mm: 720, kind: 'keepers', source: '' },
            { kind: 'keepers', source: '' },
        ])
    })

    it('are sent as typed where they are no number', () => {
        expect(claimsFrom({}, [{ ...noClaim, length: 'long' }], METRIC).adult_size_claims).toEqual([
            { length_mm: 'long', kind: 'keepers', source: '' },
        ])
    })
})

describe('the rulebook as it is sent', () => {
    const choice = (answer: string, is_chosen: boolean, is_default: boolean): object => ({
        answer,
        is_chosen,
        is_default,
    })
    const exception = { of: 'fish-3', rule: 'floor', answer: 'set-aside', reason: 'it is alone' }
    const sheet = {
        schools: [
            { question: 'home', choices: [choice('footprint', false, true), choice('both', true, false)] },
            { question: 'floor', choices: [choice('roomy', true, true), choice('crowded', false, false)] },
        ],
        numbers: [
            { name: 'swim_slow', value: 4, standard: 3.3 },
            { name: 'swim_racing', value: 7.5, standard: 7.5 },
        ],
        exceptions: [exception],
    } as unknown as RulebookSheet
    const document = documentOf(sheet)

    it('holds what is not as it came', () => {
        expect(document).toEqual({
            answers: { home: 'both' },
            numbers: { swim_slow: 4 },
            exceptions: [exception],
        })
        expect(changedRules(sheet)).toBe(3)
    })

    it('takes an answer, a number and exceptions without touching the rest', () => {
        expect(withAnswer(document, 'floor', 'crowded')).toEqual({
            ...document,
            answers: { home: 'both', floor: 'crowded' },
        })
        expect(withNumber(document, 'swim_racing', 8).numbers).toEqual({ swim_slow: 4, swim_racing: 8 })
        expect(withExceptions(document, []).exceptions).toEqual([])
        expect(document.answers).toEqual({ home: 'both' })
    })
})

describe('a candidate as it is asked about', () => {
    const typed = { ...noCandidate('Oscar'), length: '8 cm', count: '2', served: '' }

    it('waits for a species', () => {
        expect(askedOf(typed, undefined, [])).toBeNull()
    })

    it('leaves out what was not typed', () => {
        expect(askedOf(typed, 7, [])).toEqual({ species_id: '7', count: '2', length: '8 cm', health: 'well' })
    })

    it('sends what else it may be by its place', () => {
        expect(askedOf(typed, 7, [{ species_id: 9, weight: 0.3 }])).toMatchObject({
            'perhaps[0][species_id]': '9',
            'perhaps[0][weight]': '0.3',
        })
    })

    it('sends one that comes with it by its place', () => {
        expect(askedOf(typed, 7, [], { typed: { ...noCandidate(), count: '5' }, speciesId: 9 })).toEqual({
            species_id: '7',
            count: '2',
            length: '8 cm',
            health: 'well',
            'with[0][species_id]': '9',
            'with[0][count]': '5',
        })
    })
})
