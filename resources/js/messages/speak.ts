import { createIntl, createIntlCache } from 'react-intl'
import { language, locale, PSEUDO } from './language'
import type { Placeholders } from './placeholders'
import { accented, accentedPattern } from './pseudo'
import { thinSpaced } from './thousands'

interface Tree {
    readonly [name: string]: string | readonly string[] | Tree
}

type Value = string | number

/** What can be said of a catalogue: texts as they are, patterns as functions of their placeholders. */
export type Spoken<T> = T extends string
    ? string extends T
        ? string
        : T extends `${string}{${string}`
          ? (values: Record<Placeholders<T>, Value>) => string
          : string
    : T extends readonly string[]
      ? readonly string[]
      : { readonly [K in keyof T]: Spoken<T[K]> }

const NUMBERS = [
    'no',
    'one',
    'two',
    'three',
    'four',
    'five',
    'six',
    'seven',
    'eight',
    'nine',
    'ten',
    'eleven',
    'twelve',
] as const

/** A pattern that writes a number by itself. */
const COUNTS = /#|, number/

const isPseudo = language === PSEUDO

/** A text that does not come from a catalogue of ours, as the name of a month. */
export const spoken = (text: string): string => (isPseudo ? accented(text) : text)

/** Numbers up to twelve as words. */
const inWords = (n: number): string => spoken(NUMBERS[n] ?? String(n))

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** With the values that are worked out from others: see Placeholders. */
function completed(values: Record<string, Value>): Record<string, Value> {
    const all = { ...values }
    for (const [name, value] of Object.entries(values)) {
        if (typeof value === 'number') {
            all[`${name}_words`] = inWords(value)
            all[`${name}_Words`] = capital(inWords(value))
            all[`${name}_percent`] = `${Math.round(value * 100)} %`
        }
    }
    return all
}

/** Makes a catalogue of ICU patterns speak the language of the page. */
export function speak<const T extends Tree>(catalogue: T): Spoken<T> {
    const patterns: Record<string, string> = {}
    const intl = createIntl({ locale, messages: patterns, onError: fail }, createIntlCache())
    const said = (pattern: string, id: string): string | ((values: Record<string, Value>) => string) => {
        const inLanguage = isPseudo ? accentedPattern(pattern) : pattern
        if (!pattern.includes('{')) {
            return inLanguage
        }
        patterns[id] = inLanguage
        const filled = (values: Record<string, Value>): string =>
            intl.formatMessage({ id }, completed(values))
        return COUNTS.test(pattern) ? (values) => thinSpaced(filled(values)) : filled
    }
    const walk = (tree: Tree, path: string): unknown =>
        Object.fromEntries(
            Object.entries(tree).map(([name, branch]) => {
                const id = `${path}${name}`
                return [
                    name,
                    typeof branch === 'string'
                        ? said(branch, id)
                        : Array.isArray(branch)
                          ? branch.map((text: string) => (isPseudo ? accented(text) : text))
                          : walk(branch as Tree, `${id}.`),
                ]
            }),
        )
    return walk(catalogue, '') as Spoken<T>
}

function fail(error: Error): void {
    throw error
}
