import type { Quantity } from '../api/types'

/** The values that most keepers measure; the rest is a tap further. */
export const usualQuantities: readonly Quantity[] = [
    'temperature_c',
    'ph',
    'ammonia_mg_l',
    'nitrite_mg_l',
    'nitrate_mg_l',
    'kh_dkh',
]
