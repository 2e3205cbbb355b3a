import byCountry from 'country-to-currency'
import { locale } from '../messages/language'
import { spoken } from '../messages/speak'
import type { Option } from '../entry/fields'

/** What is paid in where a browser of this language and region stands; none is known: ''. */
export function currencyOf(language: string): string {
    try {
        const region = new Intl.Locale(language).maximize().region ?? ''
        return (byCountry as Partial<Record<string, string>>)[region] ?? ''
    } catch {
        return ''
    }
}

/** Every currency by its name, in the order of the alphabet; none comes first. */
export function currencyOptions(none: string): Option[] {
    const names = new Intl.DisplayNames(locale, { type: 'currency' })
    const options = Intl.supportedValuesOf('currency').map((code) => ({
        value: code,
        text: `${spoken(names.of(code) ?? code)} (${code})`,
    }))
    return [{ value: '', text: none }, ...options.sort((a, b) => a.text.localeCompare(b.text, locale))]
}
