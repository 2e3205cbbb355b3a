import type { MixRequest, SpeciesRow } from '../api/types'
import { speciesNamed } from '../species/findSpecies'

export const MOST = 8

/** One of a mix as it is typed. */
export type Member =
    | { kind: 'own'; fish: string }
    | { kind: 'species'; species: string; count: string; length: string }

export const blankOwn: Member = { kind: 'own', fish: '' }
export const blankSpecies: Member = { kind: 'species', species: '', count: '1', length: '' }

/** What is asked: members that are not filled in yet are left out; null: there is none. */
export function asked(
    members: readonly Member[],
    system: string,
    species: readonly SpeciesRow[],
): MixRequest | null {
    const sent = members.flatMap((member): MixRequest['members'] => {
        if (member.kind === 'own') {
            return member.fish === '' ? [] : [{ fish_id: Number(member.fish) }]
        }
        const named = speciesNamed(species, member.species)
        return named === undefined
            ? []
            : [{ species_id: named.id, count: Number(member.count), length: member.length }]
    })
    return sent.length === 0 ? null : { system_id: system === '' ? null : Number(system), members: sent }
}
