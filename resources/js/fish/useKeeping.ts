import { whatIfWords } from '../messages/whatIf'
import type { FishSheet } from '../api/types'
import { useChange } from '../entry/useChange'

/** How a fish is fed and what adult size is expected of it, from today on. */
export function useKeeping({ fish, keeping }: FishSheet, onDone: () => void = () => undefined) {
    return useChange(
        '/api/v1/fish/{fish}/keeping',
        { fish: fish.id },
        {
            before: { ration: keeping.ration, adult: inMillimetres(keeping.adult_mm) },
            notice: whatIfWords.kept({ n: fish.count, name: fish.name }),
            onDone,
        },
    )
}

/** A stated adult size as text that reads back to the same. */
export const inMillimetres = (adultMm: number | null): string | null =>
    adultMm === null ? null : `${adultMm} mm`
