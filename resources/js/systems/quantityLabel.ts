import type { Quantity, UnitSystem } from '../api/types'
import { messages } from '../messages'
import { degree } from '../units/temperature'

/** "Ammonia, mg/l"; what a bare number means. */
export function quantityLabel(quantity: Quantity, units: UnitSystem): string {
    const unit = quantityUnit(quantity, units)
    const name = messages.labels.quantities[quantity]
    return unit === '' ? name : `${name}, ${unit}`
}

export const quantityUnit = (quantity: Quantity, units: UnitSystem): string =>
    quantity === 'temperature_c' ? degree(units) : messages.labels.quantityHints[quantity]
