import type { Units, UnitSystem } from '../api/types'

/** What a bare number is of, where it is held in the unit of the API and typed in that of the facility. */
export type Measure =
    | 'length'
    | 'volume'
    | 'volume-of-length'
    | 'temperature'
    | 'degrees'
    | 'mass'
    | 'nitrogen-of-area'
    | 'price-of-mass'
    | 'price-of-volume'

interface Typed {
    /** As it stands behind a label; empty: there is none. */
    word: string
    /** How much of the typed unit one of the held unit is. */
    factor: number
    /** What nought of the held unit is in the typed one. */
    offset?: number
}

const INCHES_PER_MM = 1 / 25.4
const CM_PER_INCH = 2.54
const US_GALLONS_PER_LITRE = 1 / 3.785411784
const IMPERIAL_GALLONS_PER_LITRE = 1 / 4.54609
const POUNDS_PER_KG = 1 / 0.45359237
const OUNCES_PER_GRAM = 1 / 28.349523125
const SQUARE_FEET_PER_SQUARE_METRE = 1 / 0.09290304

const METRIC: Record<Exclude<Measure, 'volume-of-length'>, Typed> = {
    length: { word: 'mm', factor: 1 },
    volume: { word: 'l', factor: 1 },
    temperature: { word: '°C', factor: 1 },
    degrees: { word: '°C', factor: 1 },
    mass: { word: 'kg', factor: 1 },
    'nitrogen-of-area': { word: 'g/m²', factor: 1 },
    'price-of-mass': { word: 'kg', factor: 1 },
    'price-of-volume': { word: 'l', factor: 1 },
}

const IMPERIAL: Record<Exclude<Measure, 'volume-of-length'>, Typed> = {
    ...METRIC,
    length: { word: 'in', factor: INCHES_PER_MM },
    volume: { word: 'imp gal', factor: IMPERIAL_GALLONS_PER_LITRE },
    'price-of-volume': { word: 'imp gal', factor: 1 / IMPERIAL_GALLONS_PER_LITRE },
}

const US: Record<Exclude<Measure, 'volume-of-length'>, Typed> = {
    length: { word: 'in', factor: INCHES_PER_MM },
    volume: { word: 'gal', factor: US_GALLONS_PER_LITRE },
    temperature: { word: '°F', factor: 1.8, offset: 32 },
    degrees: { word: '°F', factor: 1.8 },
    mass: { word: 'lb', factor: POUNDS_PER_KG },
    'nitrogen-of-area': { word: 'oz/sq ft', factor: OUNCES_PER_GRAM / SQUARE_FEET_PER_SQUARE_METRE },
    'price-of-mass': { word: 'lb', factor: 1 / POUNDS_PER_KG },
    'price-of-volume': { word: 'gal', factor: 1 / US_GALLONS_PER_LITRE },
}

const SYSTEMS: Record<UnitSystem, Record<Exclude<Measure, 'volume-of-length'>, Typed>> = {
    metric: METRIC,
    us: US,
    imperial: IMPERIAL,
}

/** Which of the quantities that can be set apart decides. */
const DECIDED_BY: Record<Measure, keyof Units> = {
    length: 'length',
    volume: 'volume',
    'volume-of-length': 'volume',
    temperature: 'temperature',
    degrees: 'temperature',
    mass: 'mass',
    'nitrogen-of-area': 'mass',
    'price-of-mass': 'mass',
    'price-of-volume': 'volume',
}

function typedIn(measure: Measure, units: Units): Typed {
    if (measure !== 'volume-of-length') {
        return SYSTEMS[units[DECIDED_BY[measure]]][measure]
    }
    const { word, factor } = SYSTEMS[units.volume].volume
    return units.length === 'metric'
        ? { word: `${word}/cm`, factor }
        : { word: `${word}/in`, factor: CM_PER_INCH * factor }
}

/** As many digits as a held figure is worth once it is converted. */
const DIGITS = 4

export const wordOf = (measure: Measure, units: Units): string => typedIn(measure, units).word

/** A held figure as it is shown to be typed over: the same to three or four digits. */
export function shownAs(held: number, measure: Measure, units: Units): string {
    const { factor, offset = 0 } = typedIn(measure, units)
    return factor === 1 ? String(held) : String(Number((held * factor + offset).toPrecision(DIGITS)))
}

/** What was typed, in the unit that it is held in; text that is no number stays as it is. */
export function heldAs(typed: string, measure: Measure, units: Units): string {
    const { factor, offset = 0 } = typedIn(measure, units)
    const number = Number(typed.replace(',', '.'))
    return factor === 1 || typed.trim() === '' || !Number.isFinite(number)
        ? typed
        : String((number - offset) / factor)
}
