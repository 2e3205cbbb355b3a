import type { Units, UnitSystem } from '../../resources/js/api/types'

/** Every quantity in one system. */
export const all = (system: UnitSystem): Units => ({
    length: system,
    volume: system,
    temperature: system,
    mass: system,
})

export const METRIC = all('metric')
export const US = all('us')
export const IMPERIAL = all('imperial')
