import { asTyped } from '../api/asTyped'
import type { WeighUpAsked } from '../api/queries'

/** A candidate as it is typed. */
export interface CandidateTyped {
    species: string
    /** What else it may be; the share in per cent. */
    perhaps: { species: string; share: string }[]
    count: string
    length: string
    price: string
    health: string
    served: string
    fallback: string
}

export const noCandidate = (species = ''): CandidateTyped => ({
    species,
    perhaps: [],
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

/** Another species that it may be, found among those here. */
export interface Perhaps {
    species_id: number
    weight: number
}

/** As it is asked of the API; null while no species is chosen. */
export function askedOf(
    typed: CandidateTyped,
    speciesId: number | undefined,
    perhaps: readonly Perhaps[],
    companion?: Companion,
): WeighUpAsked | null {
    if (speciesId === undefined) {
        return null
    }
    const asked = asTyped<WeighUpAsked>({
        ...Object.fromEntries(
            perhaps.flatMap(({ species_id, weight }, n) => [
                [`perhaps[${n}][species_id]`, String(species_id)],
                [`perhaps[${n}][weight]`, String(weight)],
            ]),
        ),
        species_id: String(speciesId),
        count: typed.count,
        length: typed.length,
        price: typed.price,
        health: typed.health,
        quarantine_served: typed.served,
        fallback: typed.fallback,
    })
    return companion === undefined ? asked : { ...asked, ...beside(companion) }
}

/** Written out: lists of groups are sent by their places. */
const beside = ({ typed, speciesId }: Companion): Partial<WeighUpAsked> =>
    asTyped({
        'with[0][species_id]': String(speciesId),
        'with[0][count]': typed.count,
        'with[0][length]': typed.length,
    })
