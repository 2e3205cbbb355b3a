import { messages } from '../messages'
import type { FishSheet, KeepingRequest } from '../api/types'
import { useChange } from '../log/useChange'

/** How a fish is fed and what adult size is expected of it, from today on. */
export function useKeeping({ fish, keeping }: FishSheet, onDone: () => void = () => undefined) {
    return useChange<KeepingRequest>({
        path: `fish/${fish.id}/keeping`,
        before: { ration: keeping.ration, adult: inMillimetres(keeping.adult_mm) },
        said: messages.fish.whatIf.kept({ name: fish.name }),
        onDone,
    })
}

/** A stated adult size as text that reads back to the same. */
export const inMillimetres = (adultMm: number | null): string | null =>
    adultMm === null ? null : `${adultMm} mm`
