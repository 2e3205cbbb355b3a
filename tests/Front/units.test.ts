import { describe, expect, it, test } from 'vitest'
import { unitsOf } from '../../resources/js/units/browserUnits'
import { addDays, daysBetween, daySpan, longDay, shortDay, weekday } from '../../resources/js/units/day'
import { bare, measured, metres, projected, unitOf } from '../../resources/js/units/length'
import { dailyMass, floorLoad, massOf, weight } from '../../resources/js/units/mass'
import type { Measure } from '../../resources/js/units/measure'
import { heldAs, shownAs, wordOf } from '../../resources/js/units/measure'
import { percent } from '../../resources/js/units/share'
import { degreesApart, temperature } from '../../resources/js/units/temperature'
import { tickLabel } from '../../resources/js/units/ticks'
import { floorArea, portion, volume } from '../../resources/js/units/volume'

const plain = (text: string): string => text.replaceAll('\u00a0', ' ').replaceAll('\u202f', ' ')

// Factors: NIST Special Publication 811 (2008), appendix B.8, exact where it prints them in bold.
describe('what is typed in the units of the facility', () => {
    it.each<[number, Measure, 'us' | 'imperial', string]>([
        [25.4, 'length', 'us', '1'],
        [304.8, 'length', 'us', '12'],
        [3.785411784, 'volume', 'us', '1'],
        [4.54609, 'volume', 'imperial', '1'],
        [25, 'temperature', 'us', '77'],
        [0, 'temperature', 'us', '32'],
        [0.45359237, 'mass', 'us', '1'],
        [2.2046226, 'price-of-mass', 'us', '1'],
        [1, 'nitrogen-of-area', 'us', '0.003277'],
    ])('%s of %s is shown to a facility of %s as %s', (held, measure, units, shown) => {
        expect(shownAs(held, measure, units)).toBe(shown)
    })

    it.each<Measure>(['length', 'volume', 'temperature', 'mass', 'price-of-mass', 'price-of-volume'])(
        '%s comes back as it was held',
        (measure) => {
            for (const units of ['metric', 'us', 'imperial'] as const) {
                expect(Number(heldAs(shownAs(437.5, measure, units), measure, units))).toBeCloseTo(437.5, 0)
            }
        },
    )

    it('leaves what is no number to the server, which says what is wrong with it', () => {
        expect(heldAs('about 20', 'volume', 'us')).toBe('about 20')
        expect(heldAs(' ', 'volume', 'us')).toBe(' ')
    })

    it('reads a decimal comma', () => {
        expect(Number(heldAs('1,5', 'length', 'us'))).toBeCloseTo(38.1)
    })

    it('names each unit', () => {
        expect(wordOf('volume', 'imperial')).toBe('imp gal')
        expect(wordOf('temperature', 'imperial')).toBe('°C')
        expect(wordOf('length', 'us')).toBe('in')
    })
})

describe('lengths', () => {
    const [cm, inch] = [unitOf('metric'), unitOf('us')]

    it('are measured to a tenth', () => {
        expect(measured(423, cm)).toBe('42.3 cm')
        expect(measured(423, inch)).toBe('16.7 in')
    })

    it('are projected to whole centimetres or tenths of an inch', () => {
        expect(projected(423, cm)).toBe('42 cm')
        expect(projected(423, inch)).toBe('16.7 in')
        expect(bare(423, cm)).toBe('42')
    })

    it('of homes are in metres or feet', () => {
        expect(metres(2438, 'metric')).toBe('2.4 m')
        expect(metres(2438.4, 'us')).toBe('8 ft')
        expect(metres(3000, 'metric')).toBe('3 m')
    })
})

describe('masses, volumes, temperatures and shares', () => {
    it('change their unit where people do', () => {
        expect(massOf(254, 'metric')).toBe('250 g')
        expect(massOf(1240, 'metric')).toBe('1.2 kg')
        expect(massOf(254, 'us')).toBe('9 oz')
        expect(massOf(2500, 'us')).toBe('5.5 lb')
        expect(dailyMass(4.25, 'us')).toBe('0.15 oz')
        expect(dailyMass(0.42, 'metric')).toBe('0.42 g')
    })

    it('part thousands by a space', () => {
        expect(plain(volume(17_640, 'metric'))).toBe('17 640 l')
        expect(plain(volume(1198, 'us'))).toBe('316 gal')
        expect(plain(volume(1198, 'imperial'))).toBe('264 imp gal')
        expect(plain(weight(1240, 'us'))).toBe('2 734 lb')
        expect(plain(floorLoad(640, 'us'))).toBe('131 lb/sq ft')
    })

    it('are written as they are weighed out', () => {
        expect(portion(4.2, 'metric')).toBe('4.2 l')
        expect(portion(4.2, 'us')).toBe('1.1 gal')
        expect(portion(42, 'metric')).toBe('42 l')
        expect(floorArea(1_500_000, 'metric')).toBe('1.50 m²')
        expect(floorArea(1_500_000, 'us')).toBe('16.1 sq ft')
    })

    it('a difference of temperatures has no offset', () => {
        expect(temperature(25.55, 'metric')).toBe('25.6 °C')
        expect(temperature(25, 'us')).toBe('77 °F')
        expect(degreesApart(2.5, 'us')).toBe('4.5 °F')
    })

    it('shares are whole per cent', () => {
        expect(percent(0.333)).toBe('33 %')
    })
})

describe('days', () => {
    const today = '2027-03-13'

    it('are counted over the end of a month, a leap day and a change of the clocks', () => {
        expect(addDays('2028-02-28', 2)).toBe('2028-03-01')
        expect(addDays('2027-01-01', -1)).toBe('2026-12-31')
        expect(daysBetween('2027-03-27', '2027-03-29')).toBe(2)
        expect(daysBetween('2028-03-01', '2028-02-28')).toBe(-2)
    })

    it('name their year when it is another one', () => {
        expect(plain(longDay('2027-06-21', today))).toBe('21 June')
        expect(plain(longDay('2028-06-21', today))).toBe('21 June 2028')
        expect(plain(shortDay('2026-06-21', today))).toBe('21 Jun 2026')
        expect(plain(weekday(today))).toBe('Saturday 13 March')
    })

    it('a span says a year once, and only when it is needed', () => {
        const span = (from: string, until: string) => plain(daySpan(from, until, today, 'between', 'long'))
        expect(span('2027-06-01', '2027-07-02')).toBe('1 June and 2 July')
        expect(span('2027-12-20', '2028-01-02')).toBe('20 December and 2 January')
        expect(span('2028-05-01', '2028-07-02')).toBe('1 May and 2 July 2028')
        expect(span('2028-12-01', '2029-02-02')).toBe('1 December 2028 and 2 February 2029')
    })

    it('a tick of January is its year', () => {
        expect(tickLabel(new Date('2028-01-01T00:00:00Z'))).toBe('2028')
        expect(tickLabel(new Date('2028-04-01T00:00:00Z'))).toBe('Apr')
    })
})

test.each([
    ['en-US', 'us'],
    ['en-GB', 'metric'],
    ['de', 'metric'],
    ['my-MM', 'us'],
    ['no language', 'metric'],
])('a browser that speaks %s begins in %s units', (language, units) => {
    expect(unitsOf(language)).toBe(units)
})
