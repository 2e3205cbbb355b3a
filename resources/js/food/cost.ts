import type { YearCost } from '../api/types'

/** Food, water and power together. */
export const whole = ({ food, water, power }: YearCost): number => food + water + power
