import { describe, expect, test } from 'vitest'
import type { FoodRow, Units } from '../../resources/js/api/types'
import { amountWords, typedNumber } from '../../resources/js/food/amounts'
import { whole } from '../../resources/js/food/cost'
import { lastsWords } from '../../resources/js/food/StorePicture'

const METRIC = { mass: 'metric' } as Units
const US = { mass: 'us' } as Units
const TODAY = '2027-03-13'

describe('amounts of food', () => {
    test('pieces are counted, the rest is weighed in the units of the keeper', () => {
        expect(amountWords(11.6, 'piece', METRIC)).toBe('12')
        expect(amountWords(4.24, 'gram', METRIC)).toBe('4.2 g')
        expect(amountWords(0, 'gram', METRIC)).toBe('0 g')
        expect(amountWords(146, 'gram', METRIC)).toBe('150 g')
        expect(amountWords(1260, 'gram', METRIC)).toBe('1.3 kg')
        expect(amountWords(5, 'gram', US)).toBe('0.18 oz')
    })

    test('a comma is a point, nothing is nothing, and a word is no number', () => {
        expect(typedNumber(' 2,5 ')).toBe(2.5)
        expect(typedNumber('  ')).toBeNull()
        expect(typedNumber('much')).toBeNaN()
    })
})

describe('how long it lasts', () => {
    const food = (part: Partial<FoodRow>) => ({ per_day: 3, runs_out: null, ...part }) as FoodRow
    const span = (early: string) => ({ early, likely: early, late: '2029-12-31' })

    test('is said as a span, for long, or not at all', () => {
        expect(lastsWords(food({ per_day: 0 }), TODAY)).toBe('not fed')
        expect(lastsWords(food({}), TODAY)).toBe('not counted')
        expect(lastsWords(food({ runs_out: span('2028-06-01') }), TODAY)).toBe('more than a year')
        expect(
            lastsWords(
                food({ runs_out: { early: '2027-04-01', likely: '2027-04-05', late: '2027-04-09' } }),
                TODAY,
            ),
        ).toBe('until 1\u00a0April to 9\u00a0April')
    })
})

test('a year costs food, water and power together', () => {
    expect(whole({ food: 1.5, water: 2, power: 3.25 })).toBe(6.75)
})
