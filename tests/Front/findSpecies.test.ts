import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import type { SpeciesRow } from '../../resources/js/api/types'
import { findSpecies, speciesCalled, speciesNamed } from '../../resources/js/species/findSpecies'

interface Shipped {
    description: { key: string; common_name: string; scientific_name: string; names?: string[] }
}

const folder = 'database/species'
const shipped = readdirSync(folder)
    .flatMap((file) => JSON.parse(readFileSync(`${folder}/${file}`, 'utf8')) as Shipped[])
    .map(
        ({ description }, id) =>
            ({ ...description, id, names: description.names ?? [] }) as unknown as SpeciesRow,
    )

const best = (typed: string): string | undefined => findSpecies(shipped, typed)[0]?.species.key

describe('the species that come with the application are found by what is on the label', () => {
    test.each([
        ['Jack Dempsey', 'eight-banded-cichlid'],
        ['Texas cichlid', 'rio-grande-cichlid'],
        ['roseline', 'red-line-torpedo-barb'],
        ['red tail cat', 'redtail-catfish'],
        ['iridescent shark', 'shark-catfish'],
        ['datnoid', 'siamese-tigerfish'],
        ['paroon', 'paroon-shark'],
        ['Nile puffer', 'fahaka-puffer'],
        ['amano', 'yamato-shrimp'],
    ])('%s', (typed, key) => {
        expect(best(typed)).toBe(key)
    })

    test.each([
        ['jak dempsy', 'eight-banded-cichlid'],
        ['iridecent shark', 'shark-catfish'],
        ['silver arowanna', 'silver-arowana'],
        ['boesmani', 'boesemans-rainbowfish'],
        ['krib', 'kribensis'],
        ['ramirezzi', 'ram-cichlid'],
        ['Peters elephantnose', 'elephantnose'],
    ])('%s, as somebody may spell it', (typed, key) => {
        expect(best(typed)).toBe(key)
    })
})

test('a name that is nobody’s finds nothing', () => {
    expect(findSpecies(shipped, 'qqqqzzzz')).toEqual([])
})

test('the whole name comes before names that hold it', () => {
    expect(best('gar')).toMatch(/gar/)
    expect(best('oscar')).toBe('oscar')
    expect(best('koi')).toBe('koi')
})

test('one letter finds names that begin with it, nothing finds all', () => {
    expect(findSpecies(shipped, '')).toHaveLength(shipped.length)
    expect(findSpecies(shipped, 'o').every(({ species }) => species.common_name.startsWith('O'))).toBe(true)
})

test('a name that several go by is nobody’s until one is chosen', () => {
    expect(speciesCalled(shipped, 'Pacu').length).toBeGreaterThan(1)
    expect(speciesNamed(shipped, 'pacu')).toBeUndefined()
    expect(speciesNamed(shipped, 'Jack Dempsey')?.key).toBe('eight-banded-cichlid')
    expect(speciesNamed(shipped, 'astronotus ocellatus')?.key).toBe('oscar')
})
