import { write } from '../api/client'
import type { FeedingRow, MealOutcome } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { useKeeper } from '../frame/keeper'
import { foodWords } from '../messages/food'
import { timeNow } from '../entry/timeNow'

const words = foodWords.round

/** Writes down what was fed at a table; Undo takes it back. */
export function useFed(row: FeedingRow, onDone?: () => void) {
    const { today } = useKeeper()
    const entry = useWrite(
        'POST',
        '/api/v1/systems/{system}/meals',
        { system: row.system_id },
        {
            notice: (_, { outcome }) => doneWords(outcome, row.names),
            undo: ({ id }) => write('DELETE', '/api/v1/meals/{meal}', { meal: id }),
            onDone,
        },
    )
    /** All of it, just now, as planned. */
    const feed = (): void =>
        entry.save({ fish_id: row.fish_id, date: today, time: timeNow(), outcome: 'eaten', given: null })
    return { ...entry, feed }
}

function doneWords(outcome: MealOutcome, names: string): string {
    const said = { eaten: words.done, some: words.doneSome, refused: words.doneRefused }[outcome]
    return said({ names })
}
