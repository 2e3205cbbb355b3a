import { describe, expect, it, test } from 'vitest'
import { unitsOf } from '../../resources/js/units/browserUnits'
import {
    addDays,
    comingDay,
    daysBetween,
    daySpan,
    longDay,
    shortDay,
    weekday,
} from '../../resources/js/units/day'
import { bare, measured, metres, projected, unitOf } from '../../resources/js/units/length'
import { dailyMass, floorLoad, massOf, weight } from '../../resources/js/units/mass'
import type { Measure } from '../../resources/js/units/measure'
import { heldAs, shownAs, wordOf } from '../../resources/js/units/measure'
import { percent } from '../../resources/js/units/share'
import { degreesApart, temperature } from '../../resources/js/units/temperature'
import { tickLabel } from '../../resources/js/units/ticks'
import type { Units } from '../../resources/js/api/types'
import { IMPERIAL, METRIC, US } from './unitsOf'
import { floorArea, portion, volume } from '../../resources/js/units/volume'

const plain = (text: string): string => text.replaceAll('\u00a0', ' ').replaceAll('\u202f', ' ')

// Factors: NIST Special Publication 811 (2008), appendix B.8, exact where it prints them in bold.
describe('what is typed in the units of the facility', () => {
    it.each<[number, Measure, Units, string]>([
        [25.4, 'length', US, '1'],
        [304.8, 'length', US, '12'],
        [3.785411784, 'volume', US, '1'],
        [4.54609, 'volume', IMPERIAL, '1'],
        [25, 'temperature', US, '77'],
        [0, 'temperature', US, '32'],
        [0.45359237, 'mass', US, '1'],
        [2.2046226, 'price-of-mass', US, '1'],
        [1, 'nitrogen-of-area', US, '0.003277'],
    ])('%s of %s in %o is shown as %s', (held, measure, units, shown) => {
        expect(shownAs(held, measure, units)).toBe(shown)
    })

    it.each<Measure>(['length', 'volume', 'temperature', 'mass', 'price-of-mass', 'price-of-volume'])(
        '%s comes back as it was held',
        (measure) => {
            for (const units of [METRIC, US, IMPERIAL]) {
                expect(Number(heldAs(shownAs(437.5, measure, units), measure, units))).toBeCloseTo(437.5, 0)
            }
        },
    )

    it('leaves what is no number to the server, which says what is wrong with it', () => {
        expect(heldAs('about 20', 'volume', US)).toBe('about 20')
        expect(heldAs(' ', 'volume', US)).toBe(' ')
    })

    it('reads a decimal comma', () => {
        expect(Number(heldAs('1,5', 'length', US))).toBeCloseTo(38.1)
    })

    it('measures each quantity in a system of its own', () => {
        const mixed: Units = { ...METRIC, temperature: 'us', volume: 'imperial' }
        expect(shownAs(25, 'temperature', mixed)).toBe('77')
        expect(shownAs(254, 'length', mixed)).toBe('254')
        expect(wordOf('volume-of-length', mixed)).toBe('imp gal/cm')
        expect(wordOf('volume-of-length', US)).toBe('gal/in')
        expect(Number(shownAs(1, 'volume-of-length', US))).toBeCloseTo(2.54 / 3.785411784, 3)
    })

    it('names each unit', () => {
        expect(wordOf('volume', IMPERIAL)).toBe('imp gal')
        expect(wordOf('temperature', IMPERIAL)).toBe('°C')
        expect(wordOf('length', US)).toBe('in')
    })
})

describe('lengths', () => {
    const [cm, inch] = [unitOf(METRIC), unitOf(US)]

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
        expect(metres(2438, METRIC)).toBe('2.4 m')
        expect(metres(2438.4, US)).toBe('8 ft')
        expect(metres(3000, METRIC)).toBe('3 m')
    })
})

describe('masses, volumes, temperatures and shares', () => {
    it('change their unit where people do', () => {
        expect(massOf(254, METRIC)).toBe('250 g')
        expect(massOf(1240, METRIC)).toBe('1.2 kg')
        expect(massOf(254, US)).toBe('9 oz')
        expect(massOf(2500, US)).toBe('5.5 lb')
        expect(dailyMass(4.25, US)).toBe('0.15 oz')
        expect(dailyMass(0.42, METRIC)).toBe('0.42 g')
    })

    it('part thousands by a space', () => {
        expect(plain(volume(17_640, METRIC))).toBe('17 640 l')
        expect(plain(volume(1198, US))).toBe('316 gal')
        expect(plain(volume(1198, IMPERIAL))).toBe('264 imp gal')
        expect(plain(weight(1240, US))).toBe('2 734 lb')
        expect(plain(floorLoad(640, US))).toBe('131 lb/sq ft')
    })

    it('are written as they are weighed out', () => {
        expect(portion(4.2, METRIC)).toBe('4.2 l')
        expect(portion(4.2, US)).toBe('1.1 gal')
        expect(portion(42, METRIC)).toBe('42 l')
        expect(floorArea(1_500_000, METRIC)).toBe('1.50 m²')
        expect(floorArea(1_500_000, US)).toBe('16.1 sq ft')
    })

    it('a difference of temperatures has no offset', () => {
        expect(temperature(25.55, METRIC)).toBe('25.6 °C')
        expect(temperature(25, US)).toBe('77 °F')
        expect(degreesApart(2.5, US)).toBe('4.5 °F')
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
        expect(plain(comingDay(addDays(today, 299), today))).not.toMatch(/20\d\d/)
        expect(plain(comingDay(addDays(today, 300), today))).toMatch(/20\d\d$/)
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
