import type { FeedingRow, MealOutcome } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { foodWords } from '../messages/food'
import { timeNow } from '../entry/timeNow'
import { useMeal } from './useMeal'

const words = foodWords.round

/** Writes down what was fed at a table; Undo takes it back. */
export function useFed(row: FeedingRow, onDone?: () => void) {
    const { today } = useKeeper()
    const entry = useMeal(row, ({ outcome }) => doneWords(outcome, row.names), onDone)
    /** All of it, just now, as planned. */
    const feed = (): void =>
        entry.save({ fish_id: row.fish_id, date: today, time: timeNow(), outcome: 'eaten', given: null })
    return { ...entry, feed }
}

function doneWords(outcome: MealOutcome, names: string): string {
    const said = { eaten: words.done, some: words.doneSome, refused: words.doneRefused }[outcome]
    return said({ names })
}
