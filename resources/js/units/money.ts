import { locale } from '../messages/language'
import { thinSpaced } from '../messages/thousands'
import { grouped } from './volume'

/** "5 455", "£5 455", "5 455 kr" as the language writes it; without a currency the bare sum. */
export function money(sum: number, currency: string | null): string {
    if (currency === null) {
        return grouped(sum)
    }
    const shown = new Intl.NumberFormat(locale, {
        style: 'currency',
        currency,
        currencyDisplay: 'narrowSymbol',
        maximumFractionDigits: 0,
    })
    return thinSpaced(shown.format(Math.round(sum)))
}

/** The sign of a currency, for the label of a field. */
export function moneySign(currency: string): string {
    const parts = new Intl.NumberFormat(locale, {
        style: 'currency',
        currency,
        currencyDisplay: 'narrowSymbol',
    }).formatToParts(0)
    return parts.find(({ type }) => type === 'currency')?.value ?? currency
}
