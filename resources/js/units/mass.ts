import type { Units } from '../api/types'
import { messages } from '../messages'
import { grouped } from './volume'

const GRAMS_PER_OUNCE = 28.349523125
const OUNCES_PER_POUND = 16
const POUNDS_PER_KILOGRAM = 2.20462

/** Of a fish, as far as it can be told: "about 250 g", "about 5.5 lb". */
export const massWords = (grams: number, units: Units): string =>
    messages.frame.about({ what: massOf(grams, units) })

/** To two digits below a kilogram or a pound. */
export function massOf(grams: number, units: Units): string {
    if (units.mass !== 'us') {
        return grams < 1000 ? `${Number(grams.toPrecision(2))} g` : `${(grams / 1000).toFixed(1)} kg`
    }
    const ounces = grams / GRAMS_PER_OUNCE
    return ounces < OUNCES_PER_POUND
        ? `${Number(ounces.toPrecision(2))} oz`
        : `${(ounces / OUNCES_PER_POUND).toFixed(1)} lb`
}

/** What is weighed out or made in a day: "4.2 g", "0.15 oz"; however little it is, never nothing. */
export const dailyMass = (grams: number, units: Units): string =>
    units.mass === 'us'
        ? `${atLeastOneDigit(grams / GRAMS_PER_OUNCE, 2)} oz`
        : `${atLeastOneDigit(grams, grams < 1 ? 2 : 1)} g`

const atLeastOneDigit = (value: number, decimals: number): string => {
    const rounded = value.toFixed(decimals)
    return Number(rounded) === 0 && value > 0 ? String(Number(value.toPrecision(1))) : rounded
}

/** Of a filled home: "1 240 kg", "2 734 lb". */
export const weight = (kilograms: number, units: Units): string =>
    units.mass === 'us' ? `${grouped(kilograms * POUNDS_PER_KILOGRAM)} lb` : `${grouped(kilograms)} kg`

/** What a floor bears: "640 kg/m²", "131 lb/sq ft". */
export const floorLoad = (kilogramsPerSquareMetre: number, units: Units): string =>
    units.mass === 'us'
        ? `${grouped((kilogramsPerSquareMetre * POUNDS_PER_KILOGRAM) / 10.7639)} lb/sq ft`
        : `${grouped(kilogramsPerSquareMetre)} kg/m²`
