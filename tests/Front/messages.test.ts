import { createIntl } from 'react-intl'
import { describe, expect, it } from 'vitest'
import * as fromTheStart from '../../resources/js/messages/en'
import { addFish } from '../../resources/js/messages/en/addFish'
import { aggression } from '../../resources/js/messages/en/aggression'
import { brood } from '../../resources/js/messages/en/brood'
import { company } from '../../resources/js/messages/en/company'
import { door } from '../../resources/js/messages/en/door'
import { entry } from '../../resources/js/messages/en/entry'
import { food } from '../../resources/js/messages/en/food'
import { group } from '../../resources/js/messages/en/group'
import { identity } from '../../resources/js/messages/en/identity'
import { keys } from '../../resources/js/messages/en/keys'
import { losses } from '../../resources/js/messages/en/losses'
import { moves } from '../../resources/js/messages/en/moves'
import { offline } from '../../resources/js/messages/en/offline'
import { oneLog } from '../../resources/js/messages/en/oneLog'
import { owner } from '../../resources/js/messages/en/owner'
import { picture } from '../../resources/js/messages/en/picture'
import { plan } from '../../resources/js/messages/en/plan'
import { quick } from '../../resources/js/messages/en/quick'
import { ruleLabels } from '../../resources/js/messages/en/ruleLabels'
import { rulebook } from '../../resources/js/messages/en/rulebook'
import { settings } from '../../resources/js/messages/en/settings'
import { sitter } from '../../resources/js/messages/en/sitter'
import { species } from '../../resources/js/messages/en/species'
import { steps } from '../../resources/js/messages/en/steps'
import { systems } from '../../resources/js/messages/en/systems'
import { terms } from '../../resources/js/messages/en/terms'
import { unreadable } from '../../resources/js/messages/en/unreadable'
import { weighUp } from '../../resources/js/messages/en/weighUp'
import { whatIf } from '../../resources/js/messages/en/whatIf'
import { joined } from '../../resources/js/messages/joined'
import { accented, accentedPattern } from '../../resources/js/messages/pseudo'
import { speak } from '../../resources/js/messages/speak'

/** Every text of a catalogue with its path. */
const textsOf = (tree: object, path = ''): [path: string, text: string][] =>
    Object.entries(tree).flatMap(([name, branch]: [string, unknown]) =>
        typeof branch === 'string'
            ? [[`${path}${name}`, branch] as [string, string]]
            : textsOf(branch as object, `${path}${name}.`),
    )

const texts = textsOf({
    ...fromTheStart,
    addFish,
    aggression,
    brood,
    company,
    door,
    entry,
    food,
    group,
    identity,
    keys,
    losses,
    moves,
    offline,
    oneLog,
    owner,
    picture,
    plan,
    quick,
    ruleLabels,
    rulebook,
    settings,
    sitter,
    species,
    steps,
    systems,
    terms,
    unreadable,
    weighUp,
    whatIf,
})
const patterns = texts.filter(([, text]) => text.includes('{'))
const placeholdersOf = (pattern: string): string[] =>
    [...new Set([...pattern.matchAll(/\{(\w+)\s*[,}]/g)].map(([, name]) => name ?? ''))].sort()

const format = (pattern: string, values: Record<string, number>): string =>
    createIntl({
        locale: 'en-GB',
        messages: { it: pattern },
        onError: (error) => {
            throw error
        },
    }).formatMessage({ id: 'it' }, values)

const valuesOf = (pattern: string): Record<string, number> =>
    Object.fromEntries(placeholdersOf(pattern).map((name) => [name, 2]))

describe('the catalogue', () => {
    it('has texts to test', () => {
        expect(texts.length).toBeGreaterThan(800)
        expect(patterns.length).toBeGreaterThan(150)
    })

    it.each(patterns)('%s can be said', (_, pattern) => {
        const said = format(pattern, valuesOf(pattern))
        expect(said).not.toMatch(/[{}#]/)
        expect(said).toContain('2')
    })

    it('says nothing empty, and no text begins or ends with two spaces', () => {
        const odd = texts.filter(([, text]) => /\s{2}/.test(text))
        expect(odd).toEqual([])
    })
})

describe('speak', () => {
    const said = speak({
        plain: 'Fish',
        of: { days: '{n, plural, one {# day} other {# days}}', words: '{n_Words} of {m_words}' },
        list: ['a', 'b'],
    })

    it('leaves a text without placeholders as it is', () => {
        expect(said.plain).toBe('Fish')
        expect(said.list).toEqual(['a', 'b'])
    })

    it('agrees in number', () => {
        expect(said.of.days({ n: 1 })).toBe('1 day')
        expect(said.of.days({ n: 3 })).toBe('3 days')
    })

    it('parts thousands by a thin space that does not break, as units do', () => {
        expect(said.of.days({ n: 1794 })).toBe('1\u202f794 days')
        expect(said.of.days({ n: 1234567 })).toBe('1\u202f234\u202f567 days')
        expect(said.of.words({ n: 13, m: 14 })).toBe('13 of 14')
        expect(speak({ told: '{text}' }).told({ text: 'Seen 1,794 times.' })).toBe('Seen 1,794 times.')
    })

    it('writes numbers up to twelve as words, where a sentence may begin with one', () => {
        expect(said.of.words({ n: 2, m: 12 })).toBe('Two of twelve')
        expect(said.of.words({ n: 13, m: 0 })).toBe('13 of no')
    })

    it('throws where a pattern cannot be read, instead of showing its name', () => {
        expect(() => speak({ broken: '{n, plural, one {day}}' }).broken({ n: 2 })).toThrow()
    })
})

describe('the made-up language', () => {
    it('accents every letter and nothing else', () => {
        expect(accented('Tank 3, 42 cm')).toBe('Ŧȧƞķ 3, 42 ƈḿ')
        expect(accented('abcxyzABCXYZ')).not.toMatch(/[a-z]/i)
    })

    it('keeps the names, types and selectors of a pattern', () => {
        expect(accentedPattern('{n, plural, one {# day for {name}} other {# days}} left')).toBe(
            `{n, plural, one {# ${accented('day for')} {name}} other {# ${accented('days')}}} ${accented('left')}`,
        )
    })

    it.each(patterns)('can say %s', (_, pattern) => {
        const inIt = accentedPattern(pattern)
        expect(format(inIt, valuesOf(pattern)).replaceAll(/[^a-z]/gi, '')).toBe('')
    })
})

describe('joined', () => {
    it.each([
        [[], ''],
        [['a'], 'a'],
        [['a', ''], 'a'],
        [['a', 'b'], 'a and b'],
        [['a', 'b', 'c'], 'a, b and c'],
    ])('%j is "%s"', (parts, said) => {
        expect(joined(parts)).toBe(said)
    })
})
