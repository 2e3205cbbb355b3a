import type { LogLine } from '../api/types'

/** Neighbouring entries of one day together, in the order in which they come. */
export function byDay(lines: readonly LogLine[]): [day: string, lines: LogLine[]][] {
    const days: [string, LogLine[]][] = []
    for (const line of lines) {
        const last = days.at(-1)
        if (last?.[0] === line.date) {
            last[1].push(line)
        } else {
            days.push([line.date, [line]])
        }
    }
    return days
}
