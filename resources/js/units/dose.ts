import type { Units } from '../api/types'

const ML_PER_FLUID_OUNCE = 29.5735295625
const LITRES_PER_100_GALLONS = 378.5411784

/** A dose as typed, in millilitres for 100 litres; text that is no number stays as it is. */
export function doseHeld(typed: string, units: Units): string {
    const number = Number(typed.replace(',', '.'))
    return units.volume !== 'us' || typed.trim() === '' || !Number.isFinite(number)
        ? typed
        : String((number * ML_PER_FLUID_OUNCE * 100) / LITRES_PER_100_GALLONS)
}

/** What is measured out: "12 ml", "0.4 fl oz". */
export const doseAmount = (millilitres: number, units: Units): string =>
    units.volume === 'us'
        ? `${Number((millilitres / ML_PER_FLUID_OUNCE).toPrecision(2))} fl oz`
        : `${millilitres} ml`
