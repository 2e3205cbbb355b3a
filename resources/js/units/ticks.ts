/** A tick on a time axis: the year in January, else the month. */
export function tickLabel(tick: Date): string {
    return new Intl.DateTimeFormat('en-GB', {
        timeZone: 'UTC',
        ...(tick.getUTCMonth() === 0 ? { year: 'numeric' } : { month: 'short' }),
    }).format(tick)
}
