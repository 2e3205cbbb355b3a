import type { FishSheet } from '../api/types'
import { groupWords as words } from '../messages/group'

/** Males, females and the others of a group. */
export function sexesSentence({ is_pair, males, females, unknown }: FishSheet['group']): string {
    if (is_pair) {
        return words.pair
    }
    return males + females === 0 ? words.nobodyLooked : words.sexes({ males, females, unknown })
}
