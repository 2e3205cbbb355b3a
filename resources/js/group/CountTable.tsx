import type { CountSheet } from '../api/types'
import { Figures } from '../frame/Figures'
import { messages } from '../messages'
import { lossWords } from '../messages/losses'
import { longDay } from '../units/day'

const words = lossWords.counts

/** The counts, and from when on how many were believed there, in one list by date. */
export function CountTable({ counts, today }: { counts: CountSheet; today: string }) {
    const rows = [
        ...counts.expected.map(({ date, count }) => ({
            date,
            number: '',
            how: words.loss,
            believed: String(count),
        })),
        ...counts.counted.map(({ date, number, kind }) => ({
            date,
            number: String(number),
            how: messages.labels.counts[kind],
            believed: '',
        })),
    ].sort((a, b) => b.date.localeCompare(a.date))
    return (
        <Figures
            columns={[words.day, words.number, words.how, words.believed]}
            rows={rows.map((row) => [longDay(row.date, today), row.number, row.how, row.believed])}
        />
    )
}
