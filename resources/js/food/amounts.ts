import type { FoodRow, Units } from '../api/types'
import { foodWords } from '../messages/food'
import { dailyMass, massOf } from '../units/mass'

/** Less is worth a decimal. */
const SMALL_GRAMS = 10

/** "30", "1.2 kg", "140 g": of a food, in what it is counted in. */
export function amountWords(amount: number, unit: FoodRow['unit'], units: Units): string {
    if (unit === 'piece') {
        return foodWords.pieces({ n: Math.round(amount) })
    }
    return amount > 0 && amount < SMALL_GRAMS ? dailyMass(amount, units) : massOf(amount, units)
}

/** What was typed as a number; null: nothing was. What is no number is refused by the server. */
export function typedNumber(typed: string): number | null {
    return typed.trim() === '' ? null : Number(typed.trim().replace(',', '.'))
}
