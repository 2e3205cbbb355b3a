/** A candidate as it is typed. */
export interface CandidateTyped {
    species: string
    count: string
    length: string
    price: string
    health: string
    served: string
    fallback: string
}

export const noCandidate = (species = ''): CandidateTyped => ({
    species,
    count: '1',
    length: '',
    price: '',
    health: 'well',
    served: '',
    fallback: '',
})

/** Another that comes with it. */
export interface Companion {
    typed: CandidateTyped
    speciesId: number
}

/** As the address query of the API; empty while no species is chosen. */
export function askedOf(typed: CandidateTyped, speciesId: number | undefined, companion?: Companion): string {
    if (speciesId === undefined) {
        return ''
    }
    const asked: Record<string, string> = {
        species_id: String(speciesId),
        count: typed.count,
        length: typed.length,
        price: typed.price,
        health: typed.health,
        quarantine_served: typed.served,
        fallback: typed.fallback,
    }
    const beside: Record<string, string> =
        companion === undefined
            ? {}
            : {
                  'with[0][species_id]': String(companion.speciesId),
                  'with[0][count]': companion.typed.count,
                  'with[0][length]': companion.typed.length,
              }
    return new URLSearchParams(
        Object.entries({ ...asked, ...beside }).filter(([, value]) => value.trim() !== ''),
    ).toString()
}
