import { describe, expect, it } from 'vitest'
import { currencyOf, currencyOptions } from '../../resources/js/units/currencies'
import { money } from '../../resources/js/units/money'

describe('money', () => {
    it('is what is paid in where the browser stands', () => {
        expect(['en-GB', 'de', 'en-US', 'ja', 'pt-BR', 'xx'].map(currencyOf)).toEqual([
            'GBP',
            'EUR',
            'USD',
            'JPY',
            'BRL',
            '',
        ])
    })
    it('can be any of those that the server knows, or none', () => {
        const options = currencyOptions('none')
        expect(options[0]).toEqual({ value: '', text: 'none' })
        expect(options.find(({ value }) => value === 'SEK')?.text).toBe('Swedish Krona (SEK)')
    })
    it('is said with its sign and parted thousands', () => {
        expect(money(5454.6, null)).toBe('5\u202f455')
        expect(money(5454.6, 'GBP')).toBe('£5\u202f455')
        expect(money(12, 'EUR')).toBe('€12')
    })
})
