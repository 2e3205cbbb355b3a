import type { SpeciesRow } from '../api/types'

/** What is not drawn, or is no fish, is found by its name. */
const NO_FISH: ReadonlySet<SpeciesRow['form']> = new Set([
    'none',
    'snail',
    'shrimp',
    'crayfish',
    'newt',
    'turtle',
])

/** Smaller ones are found by their names: nobody plans homes for them. */
const LEAST_MM = 150

/** So many kinds that grow large, evenly over their sizes; those that live here already stand for their neighbours. */
export function spreadOverSizes<S extends Pick<SpeciesRow, 'form' | 'adult_mm' | 'here'>>(
    all: readonly S[],
    most: number,
): S[] {
    const bySize = all
        .filter(({ form, adult_mm }) => adult_mm >= LEAST_MM && !NO_FISH.has(form))
        .sort((a, b) => a.adult_mm - b.adult_mm)
    const share = bySize.length / most
    return share <= 1
        ? bySize
        : Array.from({ length: most }, (_, i) =>
              bySize.slice(Math.floor(i * share), Math.floor((i + 1) * share)),
          )
              .map((alike) => alike.find(({ here }) => here > 0) ?? alike[Math.floor(alike.length / 2)])
              .filter((one) => one !== undefined)
}
