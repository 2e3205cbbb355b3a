import { shownAs, wordOf } from './measure'
import { locale } from '../messages/language'
import { thinSpaced } from '../messages/thousands'
import type { Units } from '../api/types'

const LITRES_PER_US_GALLON = 3.785411784
const LITRES_PER_IMPERIAL_GALLON = 4.54609

/** Volumes of homes: "1 198 l", "316 gal". */
export function volume(litres: number, units: Units): string {
    const [value, word] =
        units.volume === 'metric'
            ? [litres, 'l']
            : units.volume === 'us'
              ? [litres / LITRES_PER_US_GALLON, 'gal']
              : [litres / LITRES_PER_IMPERIAL_GALLON, 'imp gal']
    return `${grouped(value)} ${word}`
}

/** "17 640": thousands parted by a thin space that does not break. */
export function grouped(value: number): string {
    return thinSpaced(Math.round(value).toLocaleString(locale))
}

export function floorArea(squareMm: number, units: Units): string {
    return units.length === 'metric'
        ? `${(squareMm / 1e6).toFixed(2)} m²`
        : `${(squareMm / 304.8 ** 2).toFixed(1)} sq ft`
}

/** Water that is measured out by hand: "4.2 l", "1.1 gal". */
export function portion(litres: number, units: Units): string {
    const amount = Number(shownAs(litres, 'volume', units))
    return `${amount.toFixed(amount < 10 ? 1 : 0)} ${wordOf('volume', units)}`
}
