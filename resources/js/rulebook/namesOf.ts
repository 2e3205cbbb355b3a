import { rulebookWords } from '../messages/rulebook'

const MOST_NAMES = 5

/** The first few names, and how many more there are. */
export function namesOf(names: readonly string[]): string {
    const shown = names.slice(0, MOST_NAMES).join(', ')
    return names.length > MOST_NAMES
        ? rulebookWords.more({ names: shown, n: names.length - MOST_NAMES })
        : shown
}
