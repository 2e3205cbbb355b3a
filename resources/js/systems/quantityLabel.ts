import type { Quantity, Units } from '../api/types'
import { messages } from '../messages'
import { degree } from '../units/temperature'

/** "Ammonia, mg/l"; what a bare number means. */
export function quantityLabel(quantity: Quantity, units: Units): string {
    const unit = quantityUnit(quantity, units)
    const name = messages.labels.quantities[quantity]
    return unit === '' ? name : `${name}, ${unit}`
}

export const quantityUnit = (quantity: Quantity, units: Units): string =>
    quantity === 'temperature_c' ? degree(units) : messages.labels.quantityHints[quantity]
