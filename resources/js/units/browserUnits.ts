import type { UnitSystem } from '../api/types'

/** Where inches, gallons and degrees Fahrenheit are what a keeper thinks in. */
const CUSTOMARY = ['US', 'LR', 'MM']

/** The units that are usual where a browser of this language and region stands: "en-US", "de", "en-Latn-GB". */
export function unitsOf(language: string): UnitSystem {
    try {
        return CUSTOMARY.includes(new Intl.Locale(language).maximize().region ?? '') ? 'us' : 'metric'
    } catch {
        return 'metric'
    }
}
