import Fuse from 'fuse.js'
import type { SpeciesRow } from '../api/types'

/** A species that was found, and the name by which it was. */
export interface SpeciesFound {
    species: SpeciesRow
    /** Undefined: by the name that it goes by here. */
    name: string | undefined
}

type Named = Pick<SpeciesRow, 'common_name' | 'scientific_name' | 'names'>

const LEAST_LETTERS = 2

/** Beyond this a name is another word, not the same one misspelt. */
const FARTHEST = 0.34

const folded = (name: string): string =>
    name
        .normalize('NFD')
        .replace(/[^\p{Letter}\p{Number}]+/gu, ' ')
        .trim()
        .toLowerCase()

const namesOf = (species: Named): readonly string[] => [
    species.common_name,
    ...species.names,
    species.scientific_name,
]

/** Everything whose common, trade or scientific name holds or nearly is what was typed, the nearest first. */
export function findSpecies(allSpecies: readonly SpeciesRow[], typed: string): SpeciesFound[] {
    const wanted = folded(typed)
    if (wanted.length < LEAST_LETTERS) {
        return wanted === ''
            ? allSpecies.map((species) => ({ species, name: undefined }))
            : startingWith(allSpecies, wanted)
    }
    const entries = allSpecies.flatMap((species) =>
        namesOf(species).map((name) => ({ species, name, folded: folded(name) })),
    )
    const fuse = new Fuse(entries, {
        keys: ['folded'],
        threshold: FARTHEST,
        ignoreLocation: true,
        minMatchCharLength: LEAST_LETTERS,
        includeScore: true,
    })
    const found = new Map<number, SpeciesFound>()
    const exact = entries
        .filter((entry) => entry.folded.includes(wanted))
        .sort((a, b) => rank(a.folded, wanted) - rank(b.folded, wanted))
    for (const { species, name } of [...exact, ...fuse.search(wanted).map((result) => result.item)]) {
        if (!found.has(species.id)) {
            found.set(species.id, { species, name: name === species.common_name ? undefined : name })
        }
    }
    return [...found.values()]
}

/** The whole name first, then names that begin with it, then those that hold it. */
const rank = (name: string, wanted: string): number =>
    name === wanted ? 0 : name.startsWith(wanted) ? 1 : name.includes(` ${wanted}`) ? 2 : 3

function startingWith(allSpecies: readonly SpeciesRow[], wanted: string): SpeciesFound[] {
    return allSpecies
        .filter((species) => folded(species.common_name).startsWith(wanted))
        .map((species) => ({ species, name: undefined }))
}

/** Those that go by exactly this name, whatever the case: more than one when it is sold for several. */
export function speciesCalled(allSpecies: readonly SpeciesRow[], typed: string): SpeciesRow[] {
    const wanted = folded(typed)
    return wanted === ''
        ? []
        : allSpecies.filter((species) => namesOf(species).some((name) => folded(name) === wanted))
}

/** The one that is meant by this name: by the name that it goes by here, or by any other that is its alone. */
export function speciesNamed(allSpecies: readonly SpeciesRow[], typed: string): SpeciesRow | undefined {
    const called = speciesCalled(allSpecies, typed)
    const wanted = folded(typed)
    return (
        called.find((species) => folded(species.common_name) === wanted) ??
        (called.length === 1 ? called[0] : undefined)
    )
}
