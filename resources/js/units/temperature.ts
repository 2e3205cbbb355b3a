import type { UnitSystem } from '../api/types'

/** In the degrees of the facility, without their sign. */
export const degrees = (celsius: number, units: UnitSystem): number =>
    units === 'us' ? celsius * 1.8 + 32 : celsius

export const degree = (units: UnitSystem): string => (units === 'us' ? '°F' : '°C')

/** "25.5 °C", "78 °F" */
export const temperature = (celsius: number, units: UnitSystem): string =>
    units === 'us'
        ? `${degrees(celsius, units).toFixed(0)} ${degree(units)}`
        : `${Number(celsius.toFixed(1))} ${degree(units)}`

/** A difference: "2.5 °C", "4.5 °F". */
export const degreesApart = (celsius: number, units: UnitSystem): string =>
    `${Number((units === 'us' ? celsius * 1.8 : celsius).toFixed(1))} ${degree(units)}`
