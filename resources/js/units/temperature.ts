import type { Units } from '../api/types'

/** In the degrees of the facility, without their sign. */
export const degrees = (celsius: number, units: Units): number =>
    units.temperature === 'us' ? celsius * 1.8 + 32 : celsius

export const degree = (units: Units): string => (units.temperature === 'us' ? '°F' : '°C')

/** "25.5 °C", "78 °F" */
export const temperature = (celsius: number, units: Units): string =>
    units.temperature === 'us'
        ? `${degrees(celsius, units).toFixed(0)} ${degree(units)}`
        : `${Number(celsius.toFixed(1))} ${degree(units)}`

/** A difference: "2.5 °C", "4.5 °F". */
export const degreesApart = (celsius: number, units: Units): string =>
    `${Number((units.temperature === 'us' ? celsius * 1.8 : celsius).toFixed(1))} ${degree(units)}`
