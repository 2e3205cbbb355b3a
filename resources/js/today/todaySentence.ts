import type { DueRow } from '../api/types'
import { messages } from '../messages'
import { capital, joined } from '../messages/joined'

/** What is due on the round, and where to begin. */
export function todaySentence(due: readonly DueRow[], places: number, systems: number): string {
    const first = due[0]
    if (first === undefined) {
        return messages.today.nothingDue
    }
    const looks = due.filter((row) => row.kind === 'watch').length
    const measures = due.filter((row) => row.kind === 'measure').length
    const rest = due.length - looks - measures
    const told = (n: number, said: (values: { n: number }) => string): string => (n > 0 ? said({ n }) : '')
    const parts = joined([
        told(looks, messages.today.toWatch),
        told(measures, messages.today.toMeasure),
        told(rest, rest === due.length ? messages.today.things : messages.today.other),
    ])
    const second = due.find((row) => row.name !== first.name)?.name ?? 'none'
    return messages.today.headline({ parts: capital(parts), places, systems, first: first.name, second })
}
