import { expect, test } from 'vitest'
import { completed, namesFor } from '../../resources/js/quick/complete'

const NAMES = ['Bramble', 'Barbs', 'Yard koi', 'Long tank', 'Lock pond', 'Boathouse vat']

test('names are offered by the beginning of any of their words, from two letters on', () => {
    expect(namesFor('b', NAMES)).toEqual([])
    expect(namesFor('ba', NAMES)).toEqual(['Barbs'])
    expect(namesFor('fed KO', NAMES)).toEqual(['Yard koi'])
    expect(namesFor('changed 30% lo', NAMES)).toEqual(['Long tank', 'Lock pond'])
    expect(namesFor('bramble', NAMES)).toEqual([])
    expect(namesFor('bramble ', NAMES)).toEqual([])
})

test('at most five are offered', () => {
    expect(
        namesFor(
            'fi',
            Array.from({ length: 9 }, (_, i) => `Fish ${i}`),
        ),
    ).toHaveLength(5)
})

test('the last word becomes the name', () => {
    expect(completed('changed 30% lo', 'Long tank')).toBe('changed 30% Long tank ')
    expect(completed('br', 'Bramble')).toBe('Bramble ')
})
