import type { FishSheet, KeepingRequest } from '../api/types'
import { useChange } from '../log/useChange'
import { words } from '../words/en'

/** How a fish is fed and what adult size is expected of it, from today on. */
export function useKeeping({ fish, keeping }: FishSheet, onDone: () => void = () => undefined) {
    return useChange<KeepingRequest>({
        path: `fish/${fish.id}/keeping`,
        before: { ration: keeping.ration, adult: inMillimetres(keeping.adult_mm) },
        said: words.fish.whatIf.kept(fish.name),
        onDone,
    })
}

/** A stated adult size as text that reads back to the same. */
export const inMillimetres = (adultMm: number | null): string | null =>
    adultMm === null ? null : `${adultMm} mm`
